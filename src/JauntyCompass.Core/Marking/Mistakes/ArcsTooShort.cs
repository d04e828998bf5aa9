using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arcs are too short to meet, and their crossing was guessed.</summary>
public sealed class ArcsTooShort()
    : ConstructionMistake("arcs-too-short", Text.Mistakes.ArcsTooShort.Name, 0.12)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ArcsTooShort.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-arcs-too-short";
}
