using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LongerArms"/> is explained.</summary>
public sealed class LongerArmsExplanation : Explanation<Phrasing, LongerArms>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(null, Text.Mistakes.LongerArms.Happened, Text.Mistakes.LongerArms.Next);
}
