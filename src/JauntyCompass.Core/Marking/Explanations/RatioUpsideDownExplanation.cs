using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="RatioUpsideDown"/> is explained.</summary>
public sealed class RatioUpsideDownExplanation : Explanation<NoContext, RatioUpsideDown>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.RatioUpsideDown.Happened,
            Text.Mistakes.RatioUpsideDown.Next
        );
}
