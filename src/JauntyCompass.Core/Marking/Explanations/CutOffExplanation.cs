using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="CutOff"/> is explained.</summary>
public sealed class CutOffExplanation : Explanation<NoContext, CutOff>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.CutOff.Happened, Text.Mistakes.CutOff.Next);
}
