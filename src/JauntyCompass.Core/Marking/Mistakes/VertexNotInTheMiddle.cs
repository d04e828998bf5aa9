using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The vertex is not in the middle of the name.</summary>
public sealed class VertexNotInTheMiddle()
    : NamingMistake(
        "vertex-not-in-the-middle",
        "did not put the vertex in the middle of the name",
        0.02
    )
{
    /// <inheritdoc/>
    public override string Remedy => "Let the class trace names in the air: arm, vertex, arm.";

    /// <inheritdoc/>
    public override string? Demonstration => "explained-vertex-not-in-the-middle";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.VertexNotInTheMiddle;
}
