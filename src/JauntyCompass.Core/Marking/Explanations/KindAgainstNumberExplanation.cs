using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="KindAgainstNumber"/> is explained.</summary>
public sealed class KindAgainstNumberExplanation : Explanation<Phrasing, KindAgainstNumber>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.KindAgainstNumber.Happened,
            Text.Mistakes.KindAgainstNumber.Next
        );
}
