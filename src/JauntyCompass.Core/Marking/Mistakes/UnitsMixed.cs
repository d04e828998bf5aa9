using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A length was written in centimetres among millimetres.</summary>
public sealed class UnitsMixed() : ChoiceMistake("units-mixed", Text.Mistakes.UnitsMixed.Name, 0.04)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.UnitsMixed.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "compare-ratios";
}
