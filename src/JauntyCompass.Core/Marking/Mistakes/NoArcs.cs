using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>No compass was used: the ray was drawn by eye or with the protractor.</summary>
public sealed class NoArcs() : ConstructionMistake("no-arcs", Text.Mistakes.NoArcs.Name, 0.2)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.NoArcs.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-no-arcs";
}
