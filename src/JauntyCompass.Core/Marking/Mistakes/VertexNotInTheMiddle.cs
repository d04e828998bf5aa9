using JauntyCompass.Core.Angles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The vertex is not in the middle of the name.</summary>
public sealed class VertexNotInTheMiddle()
    : NamingMistake("vertex-not-in-the-middle", Text.Mistakes.VertexNotInTheMiddle.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.VertexNotInTheMiddle.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-vertex-not-in-the-middle";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.VertexNotInTheMiddle;
}
