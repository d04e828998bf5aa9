using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Differences were compared instead of ratios.</summary>
public sealed class ComparedDifferences()
    : ChoiceMistake("compared-differences", Text.Mistakes.ComparedDifferences.Name, 0.04)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ComparedDifferences.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "compare-ratios";
}
