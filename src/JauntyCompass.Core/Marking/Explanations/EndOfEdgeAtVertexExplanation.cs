using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="EndOfEdgeAtVertex"/> is explained.</summary>
public sealed class EndOfEdgeAtVertexExplanation : Explanation<MistakeStory, EndOfEdgeAtVertex>
{
    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new Feedback(
            null,
            Text.Mistakes.EndOfEdgeAtVertex.Happened,
            Text.Mistakes.EndOfEdgeAtVertex.Next
        );
}
