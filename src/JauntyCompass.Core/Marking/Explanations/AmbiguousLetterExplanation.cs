using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="AmbiguousLetter"/> is explained.</summary>
public sealed class AmbiguousLetterExplanation : Explanation<Phrasing, AmbiguousLetter>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Several angles stand at this vertex, so one letter does not say which is meant.",
            "Use three letters here, the vertex in the middle."
        );
}
