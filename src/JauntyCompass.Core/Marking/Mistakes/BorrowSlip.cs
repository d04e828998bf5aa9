using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Taking from 360 went wrong at the borrow: the result is off by 10 or by 100.</summary>
public sealed class BorrowSlip : SumMistake<ReflexSum>, IMeasuringReplay
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
    public override IReadOnlyList<double> Predict(ReflexSum sum) =>
        [sum.Result + 10, sum.Result - 10, sum.Result + 100, sum.Result - 100];

    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            context.Praise,
            "Your way is right. In taking away from 360 a ten or a hundred went astray.",
            "Check by adding: the smaller angle and your answer must make 360 together."
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid)
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
