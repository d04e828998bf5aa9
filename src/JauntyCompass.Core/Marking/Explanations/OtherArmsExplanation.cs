using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherArms"/> is explained.</summary>
public sealed class OtherArmsExplanation : Explanation<Phrasing, OtherArms>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(null, Text.Mistakes.OtherArms.Happened, Text.Mistakes.OtherArms.Next);
}
