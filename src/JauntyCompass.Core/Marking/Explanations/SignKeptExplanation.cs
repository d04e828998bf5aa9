using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SignKept"/> is explained.</summary>
public sealed class SignKeptExplanation : Explanation<NoContext, SignKept>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.SignKept.Happened, Text.Mistakes.SignKept.Next);
}
