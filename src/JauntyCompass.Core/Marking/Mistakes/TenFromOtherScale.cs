using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The ten taken from the other scale, the ones counted on from it: 180 − 10t + u, or from the neighbouring ten 170 − 10t + u,
/// so 38 becomes 158 or 148. Needs a two-scale instrument.
/// </summary>
public sealed class TenFromOtherScale : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "ten-from-other-scale";

    /// <inheritdoc/>
    public override string Name => "took the ten from one scale and the ones from the other";

    /// <inheritdoc/>
    public override double Prior => 0.05;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Follow one scale with the finger from zero to the arm without lifting it.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        (_, double rest) = context.Counted();
        // On a label there is nothing to count on: this is then the other scale, and nothing else.
        if (!CanBeMadeOn(context.Instrument) || !context.Instrument.HasLabels || rest == 0)
        {
            return;
        }
        int other = context.ScaleInUse == 0 ? 1 : 0;
        if (context.BesideOn(other, context.StartingNumber - rest) is not double label)
        {
            return;
        }
        // Round a full circle zero is where the turn ends, too.
        label = label == 0 && context.FullScale == 360 ? 360 : label;
        if (context.Result(label + rest) is double same)
        {
            outcomes.Add(same);
        }
        if (context.Result(label - context.Instrument.LabelEvery + rest) is double neighbour)
        {
            outcomes.Add(neighbour);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "The ten came from one scale and the ones from the other.",
            $"Stay on the scale whose zero lies on your {story.Words.Arm}, from zero to the very last graduation."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.NumberStandsHere(story);

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double ones = read % 10;
        double answer = laid.Protractor.FullScale - (read - ones) + ones;
        // At a right angle both scales say ninety; at a whole ten it is the other scale and nothing else.
        return
            ones == 0
            || laid.Protractor.InnerScale < 0
            || Math.Abs(answer - read) < 1
            || answer > laid.Protractor.FullScale
            ? null
            : new MeasuringExample(
                laid.Placement,
                1 - laid.Advice.ScaleIndex,
                laid.Protractor.FullScale - (read - ones),
                answer
            );
    }
}
