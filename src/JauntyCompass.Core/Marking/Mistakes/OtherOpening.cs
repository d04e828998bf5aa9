using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The other of the two openings at the vertex was looked at.</summary>
public sealed class OtherOpening()
    : ChoiceMistake("other-opening", Text.Mistakes.OtherOpening.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OtherOpening.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "reflex-from-360";
}
