using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The right graduation, counted on from the wrong label: A ± 10, or by as much as the labels are apart; where there are none, one
/// graduation too many or too few.
/// </summary>
public sealed class WrongTen : InstrumentMistake, IMeasuringReplay, IDrawingReplay
{
    /// <inheritdoc/>
    public override string Key => "wrong-ten";

    /// <inheritdoc/>
    public override string Name => "took the ones from the wrong ten";

    /// <inheritdoc/>
    public override double Prior => 0.10;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count aloud in tens up to the last label before the arm, and only then the ones.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        double interval = context.Instrument.CountedBy;
        if (context.Result(context.StartingNumber - interval) is double below)
        {
            outcomes.Add(below);
        }
        if (context.Result(context.StartingNumber + interval) is double above)
        {
            outcomes.Add(above);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            Happened(story.Context.Instrument),
            story.Context.Activity == Activity.Measuring
                ? $"Say the labels aloud as you pass them. Which is the last before the {story.Words.Arm}?"
                : "Say the labels aloud as you pass them. Which is the last before your measure?"
        );

    private static string Happened(Protractor instrument) =>
        instrument.LabelEvery switch
        {
            10 => "Your ones are right, but they belong to another ten.",
            0 => "You counted one mark too many or too few.",
            _ => "The small steps are right, but they belong to another label.",
        };

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double interval = laid.Protractor.CountedBy;
        double answer =
            read + (read + interval <= laid.Protractor.FullScale ? interval : -interval);
        return laid.Protractor.HasLabels
            ? new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, answer)
            : null;
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees + instrument.CountedBy <= 180
            ? DrawingExample.Well(
                asked with
                {
                    Measure = new Measure(asked.Measure.Degrees + instrument.CountedBy),
                },
                instrument
            )
            : null;
}
