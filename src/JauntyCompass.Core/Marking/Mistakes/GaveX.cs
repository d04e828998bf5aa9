using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>x was given for the angle.</summary>
public sealed class GaveX() : ChoiceMistake("gave-x", Text.Mistakes.GaveX.Name, 0.06)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.GaveX.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "parts-by-algebra";
}
