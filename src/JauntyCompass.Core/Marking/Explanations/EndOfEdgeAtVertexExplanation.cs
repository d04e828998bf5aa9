using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="EndOfEdgeAtVertex"/> is explained.</summary>
public sealed class EndOfEdgeAtVertexExplanation : Explanation<MistakeStory, EndOfEdgeAtVertex>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            $"The end of the edge lay at the vertex, and the {story.Words.CentreMark} far away from it.",
            $"Slide it along the {story.Words.Arm} until the {story.Words.CentreMark} is on the vertex: the middle, not the end."
        );
}
