using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Wording;

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
    public override string? Demonstration => "told-vertex-not-in-the-middle";

    /// <inheritdoc/>
    public override NameVerdict Verdict => NameVerdict.VertexNotInTheMiddle;

    /// <inheritdoc/>
    public override AngleName? Predict(AngleToName angle) =>
        new(angle.Vertex, angle.Start, angle.End);

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "In this name the vertex is not the letter in the middle.",
            $"Slide a finger from one {say.Words.Arm} over the vertex to the other, and say the letters as you pass them."
        );
}
