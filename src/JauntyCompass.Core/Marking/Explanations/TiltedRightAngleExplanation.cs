using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TiltedRightAngle"/> is explained.</summary>
public sealed class TiltedRightAngleExplanation : Explanation<NoContext, TiltedRightAngle>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.TiltedRightAngle.Happened,
            Text.Mistakes.TiltedRightAngle.Next
        );
}
