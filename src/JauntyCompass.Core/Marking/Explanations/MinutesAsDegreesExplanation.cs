using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="MinutesAsDegrees"/> is explained.</summary>
public sealed class MinutesAsDegreesExplanation : Explanation<NoContext, MinutesAsDegrees>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.MinutesAsDegrees.Happened,
            Text.Mistakes.MinutesAsDegrees.Next
        );
}
