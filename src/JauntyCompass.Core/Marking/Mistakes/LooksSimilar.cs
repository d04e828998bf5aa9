using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Triangles were judged by how large they look.</summary>
public sealed class LooksSimilar()
    : ChoiceMistake("looks-similar", Text.Mistakes.LooksSimilar.Name, 0.05)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.LooksSimilar.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "similar-triangles";
}
