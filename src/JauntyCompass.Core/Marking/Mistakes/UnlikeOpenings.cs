using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Arcs that must be alike were drawn with openings that have nothing to do with each other.</summary>
public sealed class UnlikeOpenings()
    : ConstructionMistake("unlike-openings", Text.Mistakes.UnlikeOpenings.Name, 0.15)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.UnlikeOpenings.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-unlike-openings";
}
