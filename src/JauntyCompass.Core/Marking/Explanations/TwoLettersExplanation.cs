using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TwoLetters"/> is explained.</summary>
public sealed class TwoLettersExplanation : Explanation<Phrasing, TwoLetters>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Two letters name a ray or a side, not an angle.",
            $"Take one letter more: {phrasing.Words.Arm}, vertex, {phrasing.Words.Arm}."
        );
}
