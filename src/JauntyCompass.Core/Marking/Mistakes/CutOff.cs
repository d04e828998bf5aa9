using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The end of a repeating decimal was cut off.</summary>
public sealed class CutOff() : ChoiceMistake("cut-off", Text.Mistakes.CutOff.Name, 0.03)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.CutOff.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}
