using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Equal angles were added up to a whole.</summary>
public sealed class AddedEqual() : ChoiceMistake("added-equal", Text.Mistakes.AddedEqual.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.AddedEqual.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}
