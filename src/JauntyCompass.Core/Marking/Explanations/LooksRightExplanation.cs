using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LooksRight"/> is explained.</summary>
public sealed class LooksRightExplanation : Explanation<NoContext, LooksRight>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.LooksRight.Happened, Text.Mistakes.LooksRight.Next);
}
