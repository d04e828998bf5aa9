using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="AmbiguousLetter"/> is explained.</summary>
public sealed class AmbiguousLetterExplanation : Explanation<NoContext, AmbiguousLetter>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.AmbiguousLetter.Happened,
            Text.Mistakes.AmbiguousLetter.Next
        );
}
