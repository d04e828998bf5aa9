namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A name read the other way round was taken for another angle.</summary>
public sealed class NameOneWayOnly()
    : ChoiceMistake("name-one-way-only", "takes a name read backwards for another angle", 0.01)
{
    /// <inheritdoc/>
    public override string Remedy => "Let two students name one angle from opposite ends.";

    /// <inheritdoc/>
    public override string? Demonstration => "naming";
}
