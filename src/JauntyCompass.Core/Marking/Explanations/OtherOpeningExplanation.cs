using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherOpening"/> is explained.</summary>
public sealed class OtherOpeningExplanation : Explanation<Phrasing, OtherOpening>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.OtherOpening.Happened,
            Text.Mistakes.OtherOpening.Next
        );
}
