using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MixedUpKinds"/> is explained.</summary>
public sealed class MixedUpKindsExplanation : Explanation<Phrasing, MixedUpKinds>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.MixedUpKinds.Happened,
            Text.Mistakes.MixedUpKinds.Next
        );
}
