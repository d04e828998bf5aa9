using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="FromRulersEdge"/> is explained.</summary>
public sealed class FromRulersEdgeExplanation : Explanation<NoContext, FromRulersEdge>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.FromRulersEdge.Happened,
            Text.Mistakes.FromRulersEdge.Next
        );
}
