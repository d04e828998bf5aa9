using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TwoLetters"/> is explained.</summary>
public sealed class TwoLettersExplanation : Explanation<NoContext, TwoLetters>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.TwoLetters.Happened, Text.Mistakes.TwoLetters.Next);
}
