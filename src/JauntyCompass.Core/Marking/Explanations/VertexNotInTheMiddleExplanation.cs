using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="VertexNotInTheMiddle"/> is explained.</summary>
public sealed class VertexNotInTheMiddleExplanation : Explanation<NoContext, VertexNotInTheMiddle>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.VertexNotInTheMiddle.Happened,
            Text.Mistakes.VertexNotInTheMiddle.Next
        );
}
