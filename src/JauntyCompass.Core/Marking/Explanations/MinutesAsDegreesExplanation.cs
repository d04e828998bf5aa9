using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MinutesAsDegrees"/> is explained.</summary>
public sealed class MinutesAsDegreesExplanation : Explanation<Phrasing, MinutesAsDegrees>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.MinutesAsDegrees.Happened,
            Text.Mistakes.MinutesAsDegrees.Next
        );
}
