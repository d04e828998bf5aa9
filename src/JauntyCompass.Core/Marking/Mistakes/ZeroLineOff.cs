using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The zero line was turned off its arm, or the instrument slipped before the reading: off by that many degrees.</summary>
public sealed class ZeroLineOff : InstrumentMistake, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "zero-line-off";

    /// <inheritdoc/>
    public override string Name => "left the zero line off the arm";

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Hold the protractor with two fingers while you read, and look along the zero line last.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        bool counts =
            !context.MovedBeforeDot
            && Math.Abs(context.PlacingByZeroLine) >= PlacingCost.Material
            && Math.Abs(context.PlacingByZeroLine) > Math.Abs(context.PlacingByCentre);
        if (
            counts && context is { Laid.Alignment.IsLinedUp: true, ExpectedReading: double careful }
        )
        {
            outcomes.Add(careful);
        }
    }

    /// <inheritdoc/>
    public override double? SeenInPlacing(MarkingContext context) =>
        !context.IsLaid ? null
        : context.MovedBeforeDot ? 0
        : PlacingCost.Likelihood(context.PlacingByZeroLine);

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story)
    {
        string off = story.Context.Laid is LaidAngle laid
            ? $"stood {story.Phrasing.Degrees(Math.Abs(laid.Alignment.ZeroLineOff))} off the {story.Words.Arm}"
            : $"seems to have stood a little off the {story.Words.Arm}";
        return new Feedback(
            story.Praise,
            $"You read what was there, but the {story.Words.ZeroLine} {off}.",
            $"Keep the {story.Words.CentreMark} still and turn until the {story.Words.Arm} runs out exactly at zero."
        );
    }

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) => Pictures.OffTheArm(story);

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
    {
        const double Off = 6;
        int inwards = laid.Angle.Opening.Sign();
        Placement turned = laid.Placement with
        {
            Turn = laid.Placement.Turn.Turned(-inwards * Off),
        };
        return MeasuringExamples.Misplaced(laid, turned);
    }
}
