using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LooksRight"/> is explained.</summary>
public sealed class LooksRightExplanation : Explanation<Phrasing, LooksRight>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(null, Text.Mistakes.LooksRight.Happened, Text.Mistakes.LooksRight.Next);
}
