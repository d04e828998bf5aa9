using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ReflexArcInside"/> is explained.</summary>
public sealed class ReflexArcInsideExplanation : Explanation<Phrasing, ReflexArcInside>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Your rays stand right. The arc marks the smaller opening.",
            "Put the arc on the outside: it says which of the two is meant."
        );
}
