using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="AmbiguousLetter"/> is explained.</summary>
public sealed class AmbiguousLetterExplanation : Explanation<Phrasing, AmbiguousLetter>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.AmbiguousLetter.Happened,
            Text.Mistakes.AmbiguousLetter.Next
        );
}
