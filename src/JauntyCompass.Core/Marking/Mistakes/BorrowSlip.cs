using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Taking from 360 went wrong at the borrow: the result is off by 10 or by 100.</summary>
public sealed class BorrowSlip : Mistake
{
    /// <inheritdoc/>
    public override string Key => "borrow-slip";

    /// <inheritdoc/>
    public override string Name => "slipped when taking from 360";

    /// <inheritdoc/>
    public override double Prior => 0.001;

    /// <inheritdoc/>
    public override string Remedy =>
        "Check by adding: the smaller angle and the reflex one must come to 360 again.";

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (context.Measure > 180)
        {
            outcomes.Add(context.Measure + 10);
            outcomes.Add(context.Measure - 10);
            outcomes.Add(context.Measure + 100);
            outcomes.Add(context.Measure - 100);
        }
    }

    /// <inheritdoc/>
    public override Feedback Tell(MistakeStory story) =>
        new(
            story.Praise,
            "Your way is right. In taking away from 360 a ten or a hundred went astray.",
            "Check by adding: the smaller angle and your answer must make 360 together."
        );

    /// <inheritdoc/>
    public override MeasuringExample? Show(in LaidAngle laid)
    {
        double right = Math.Round(laid.Asked.Measure.Degrees);
        return laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                right + 10 < 360 ? right + 10 : right - 10
            )
            : null;
    }
}
