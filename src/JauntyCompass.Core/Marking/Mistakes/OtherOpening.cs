namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The other of the two openings at the vertex was looked at.</summary>
public sealed class OtherOpening()
    : ChoiceMistake("other-opening", "looked at the other of the two openings", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Show a reflex angle and the smaller one beside it, one arc each.";

    /// <inheritdoc/>
    public override string? Demonstration => "reflex-from-360";
}
