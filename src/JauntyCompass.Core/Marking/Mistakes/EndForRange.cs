using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The position at the end was given for the way between.</summary>
public sealed class EndForRange : SumMistake<RangeSum>
{
    /// <inheritdoc/>
    public override string Key => "end-for-range";

    /// <inheritdoc/>
    public override string Name => "gave where it ended instead of how far it moved";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override IReadOnlyList<double> Predict(RangeSum sum) =>
        [Math.Max(sum.First, sum.Second)];

    /// <inheritdoc/>
    public override string Remedy => "Mark the start with a second colour before reading the end.";

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";

    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            null,
            "That is where it stands in the end, not how far it has moved.",
            "It did not start at zero: take away where it began."
        );
}
