using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A name read the other way round was taken for another angle.</summary>
public sealed class NameOneWayOnly()
    : ChoiceMistake("name-one-way-only", Text.Mistakes.NameOneWayOnly.Name, 0.01)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.NameOneWayOnly.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "naming";
}
