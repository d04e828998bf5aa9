using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Another part was given for the one that is asked.</summary>
public sealed class OtherPart() : ChoiceMistake("other-part", Text.Mistakes.OtherPart.Name, 0.03)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OtherPart.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}
