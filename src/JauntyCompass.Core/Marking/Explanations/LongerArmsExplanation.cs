using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LongerArms"/> is explained.</summary>
public sealed class LongerArmsExplanation : Explanation<NoContext, LongerArms>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.LongerArms.Happened, Text.Mistakes.LongerArms.Next);
}
