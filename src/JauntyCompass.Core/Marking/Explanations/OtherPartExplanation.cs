using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherPart"/> is explained.</summary>
public sealed class OtherPartExplanation : Explanation<NoContext, OtherPart>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.OtherPart.Happened, Text.Mistakes.OtherPart.Next);
}
