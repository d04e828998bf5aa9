using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>An angle that looks right was taken for a right one, without its box.</summary>
public sealed class LooksRight() : ChoiceMistake("looks-right", Text.Mistakes.LooksRight.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.LooksRight.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "right-angle-box";
}
