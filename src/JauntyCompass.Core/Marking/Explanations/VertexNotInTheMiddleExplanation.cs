using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="VertexNotInTheMiddle"/> is explained.</summary>
public sealed class VertexNotInTheMiddleExplanation : Explanation<Phrasing, VertexNotInTheMiddle>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.VertexNotInTheMiddle.Happened,
            Text.Mistakes.VertexNotInTheMiddle.Next
        );
}
