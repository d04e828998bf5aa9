using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Parts were added up to another whole than theirs.</summary>
public sealed class WrongWhole() : ChoiceMistake("wrong-whole", Text.Mistakes.WrongWhole.Name, 0.04)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.WrongWhole.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}
