using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LooksSimilar"/> is explained.</summary>
public sealed class LooksSimilarExplanation : Explanation<NoContext, LooksSimilar>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.LooksSimilar.Happened, Text.Mistakes.LooksSimilar.Next);
}
