using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// Counted the ones from the right label but the wrong way within the ten: 10t + u becomes 10t + (10 − u), so 37 becomes 33.
/// Cannot show where u is 0 or 5. Where labels stand farther apart, the same within two labels.
/// </summary>
public sealed class TicksBackwards : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "ticks-backwards";

    /// <inheritdoc/>
    public override string Name => "counted the ones backwards";

    /// <inheritdoc/>
    public override double Prior => 0.08;

    /// <inheritdoc/>
    public override string Remedy =>
        "Say which way the labels grow, and count the ones the same way.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        Protractor instrument = context.Instrument;
        (_, double rest) = context.Counted();
        if (
            instrument.HasLabels
            && rest != 0
            && rest * 2 != instrument.LabelEvery
            && context.Result(context.StartingNumber + instrument.LabelEvery - 2 * rest)
                is double result
        )
        {
            outcomes.Add(result);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your ten is right. Then the small graduations were counted from the far label back.",
            "Count the ones the way the numbers grow: from the smaller label towards the larger."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double every = laid.Protractor.LabelEvery;
        if (every == 0)
        {
            return null;
        }
        double rest = read % every;
        double nextLabel = read - rest + every;
        return rest == 0 || rest * 2 == every || nextLabel > laid.Protractor.FullScale
            ? null
            : new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                nextLabel,
                nextLabel - rest
            );
    }
}
