using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="NotPutBack"/> is explained.</summary>
public sealed class NotPutBackExplanation : Explanation<NoContext, NotPutBack>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.NotPutBack.Happened, Text.Mistakes.NotPutBack.Next);
}
