using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Parts that make a whole were set equal.</summary>
public sealed class SetEqual() : ChoiceMistake("set-equal", Text.Mistakes.SetEqual.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.SetEqual.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}
