using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Two readings were added that should be taken from each other.</summary>
public sealed class AddedForTaken : SumMistake<RangeSum>
{
    /// <inheritdoc/>
    public override string Key => "added-for-taken";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.AddedForTaken.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.AddedForTaken.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";
}
