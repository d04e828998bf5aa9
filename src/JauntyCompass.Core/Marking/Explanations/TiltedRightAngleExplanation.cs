using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="TiltedRightAngle"/> is explained.</summary>
public sealed class TiltedRightAngleExplanation : Explanation<Phrasing, TiltedRightAngle>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "It stands on its tip, and so it does not look like a right angle.",
            $"Turn the page until one {phrasing.Words.Arm} lies level, and look at the box."
        );
}
