using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="ThirdAngle"/> is explained.</summary>
public sealed class ThirdAngleExplanation : Explanation<NoContext, ThirdAngle>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(null, Text.Mistakes.ThirdAngle.Happened, Text.Mistakes.ThirdAngle.Next);
}
