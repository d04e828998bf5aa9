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
    public override string Remedy => "Mark the start with a second colour before reading the end.";

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";
}
