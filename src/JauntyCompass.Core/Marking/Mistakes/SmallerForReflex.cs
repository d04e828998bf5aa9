using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle was asked and the smaller one given: 360 − A.</summary>
public sealed class SmallerForReflex : SumMistake<ReflexSum>, IMeasuringReplay
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
    public override IReadOnlyList<double> Predict(ReflexSum sum) => [360 - sum.Result];

    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            context.Praise,
            "You measured the smaller angle well. The arc goes round the outside, so the other opening is asked.",
            "A full turn is 360 degrees. What is left of it?"
        );

    /// <inheritdoc/>
    public MeasuringExample? Replay(in LaidAngle laid) =>
        laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                Math.Round(360 - laid.Asked.Measure.Degrees)
            )
            : null;
}
