using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle by adding, and the 180 forgotten; or taken from 180 instead of 360: A − 180.</summary>
public sealed class LeftOutHalfTurn : SumMistake<ReflexSum>, IMeasuringReplay
{
    /// <inheritdoc/>
    public override string Key => "left-out-half-turn";

    /// <inheritdoc/>
    public override string Name => "left out the 180 of a reflex angle";

    /// <inheritdoc/>
    public override double Prior => 0.001;

    /// <inheritdoc/>
    public override string Remedy =>
        "Write “180 +” first, then measure what lies beyond the straight line.";

    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(ReflexSum sum) => [Math.Abs(sum.Result - 180)];

    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            context.Praise,
            "That is only the part beyond the straight line, or what is left of 180.",
            "A reflex angle is more than 180 degrees: say its kind again, then add what is missing."
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid) =>
        laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                Math.Round(laid.Asked.Measure.Degrees - 180)
            )
            : null;
}
