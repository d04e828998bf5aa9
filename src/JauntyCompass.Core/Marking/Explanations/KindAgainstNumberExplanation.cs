using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="KindAgainstNumber"/> is explained.</summary>
public sealed class KindAgainstNumberExplanation : Explanation<NoContext, KindAgainstNumber>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.KindAgainstNumber.Happened,
            Text.Mistakes.KindAgainstNumber.Next
        );
}
