using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Two readings were added that should be taken from each other.</summary>
public sealed class AddedForTaken : SumMistake<RangeSum>
{
    /// <inheritdoc/>
    public override string Key => "added-for-taken";

    /// <inheritdoc/>
    public override string Name => "added two readings instead of taking one from the other";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy => "Walk the two positions with an arm and ask how far it went.";

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";
}
