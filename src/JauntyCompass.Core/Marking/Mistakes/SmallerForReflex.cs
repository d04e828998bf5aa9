using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was asked and the smaller one given: 360 − A.</summary>
public sealed class SmallerForReflex : Mistake
{
    /// <inheritdoc/>
    public override string Key => "smaller-for-reflex";

    /// <inheritdoc/>
    public override string Name => "gave the smaller angle instead of the reflex one";

    /// <inheritdoc/>
    public override double Prior => 0.002;

    /// <inheritdoc/>
    public override string Remedy =>
        "Say where the arc stands before measuring: does the answer have to be more than 180 or less?";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Measure > 180)
        {
            outcomes.Add(360 - context.Measure);
        }
    }

    /// <inheritdoc/>
    public override Feedback Tell(MistakeStory story) =>
        new(
            story.Praise,
            "You measured the smaller angle well. The arc goes round the outside, so the other opening is asked.",
            "A full turn is 360 degrees. What is left of it?"
        );

    /// <inheritdoc/>
    public override MeasuringExample? Show(in LaidAngle laid) =>
        laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                Math.Round(360 - laid.Asked.Measure.Degrees)
            )
            : null;
}
