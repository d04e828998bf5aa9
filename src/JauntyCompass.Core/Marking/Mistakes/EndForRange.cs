using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The position at the end was given for the way between.</summary>
public sealed class EndForRange : SumMistake<RangeSum>
{
    /// <inheritdoc/>
    public override string Key => "end-for-range";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.EndForRange.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.EndForRange.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "not-from-zero";
}
