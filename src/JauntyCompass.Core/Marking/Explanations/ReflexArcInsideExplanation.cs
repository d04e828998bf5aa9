using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ReflexArcInside"/> is explained.</summary>
public sealed class ReflexArcInsideExplanation : Explanation<Phrasing, ReflexArcInside>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.ReflexArcInside.Happened,
            Text.Mistakes.ReflexArcInside.Next
        );
}
