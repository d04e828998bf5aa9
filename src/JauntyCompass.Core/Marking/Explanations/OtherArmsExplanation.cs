using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="OtherArms"/> is explained.</summary>
public sealed class OtherArmsExplanation : Explanation<NoContext, OtherArms>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.OtherArms.Happened, Text.Mistakes.OtherArms.Next);
}
