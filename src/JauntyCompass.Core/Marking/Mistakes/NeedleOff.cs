using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The needle did not stand on the crossing.</summary>
public sealed class NeedleOff()
    : ConstructionMistake("needle-off", Text.Mistakes.NeedleOff.Name, 0.15)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.NeedleOff.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-needle-off";
}
