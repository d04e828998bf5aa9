using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="GaveX"/> is explained.</summary>
public sealed class GaveXExplanation : Explanation<NoContext, GaveX>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.GaveX.Happened, Text.Mistakes.GaveX.Next);
}
