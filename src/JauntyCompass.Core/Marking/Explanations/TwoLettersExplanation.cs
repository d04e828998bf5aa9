using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TwoLetters"/> is explained.</summary>
public sealed class TwoLettersExplanation : Explanation<Phrasing, TwoLetters>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(null, Text.Mistakes.TwoLetters.Happened, Text.Mistakes.TwoLetters.Next);
}
