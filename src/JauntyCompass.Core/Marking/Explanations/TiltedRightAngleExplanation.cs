using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TiltedRightAngle"/> is explained.</summary>
public sealed class TiltedRightAngleExplanation : Explanation<Phrasing, TiltedRightAngle>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.TiltedRightAngle.Happened,
            Text.Mistakes.TiltedRightAngle.Next
        );
}
