using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ReflexArcInside"/> is explained.</summary>
public sealed class ReflexArcInsideExplanation : Explanation<NoContext, ReflexArcInside>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.ReflexArcInside.Happened,
            Text.Mistakes.ReflexArcInside.Next
        );
}
