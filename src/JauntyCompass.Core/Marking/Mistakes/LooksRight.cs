namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>An angle that looks right was taken for a right one, without its box.</summary>
public sealed class LooksRight()
    : ChoiceMistake("looks-right", "took an angle for a right one that only looks right", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Put up angles of 86° to 94° beside right ones with their box.";

    /// <inheritdoc/>
    public override string? Demonstration => "right-angle-box";
}
