using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MinutesAsDegrees"/> is explained.</summary>
public sealed class MinutesAsDegreesExplanation : Explanation<Phrasing, MinutesAsDegrees>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "Each small mark was counted as one degree.",
            "Sixty minutes go once round, that is 360 degrees: how many degrees is one minute?"
        );
}
