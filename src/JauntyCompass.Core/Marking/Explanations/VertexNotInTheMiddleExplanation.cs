using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="VertexNotInTheMiddle"/> is explained.</summary>
public sealed class VertexNotInTheMiddleExplanation : Explanation<Phrasing, VertexNotInTheMiddle>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "In this name the vertex is not the letter in the middle.",
            $"Slide a finger from one {phrasing.Words.Arm} over the vertex to the other, and say the letters as you pass them."
        );
}
