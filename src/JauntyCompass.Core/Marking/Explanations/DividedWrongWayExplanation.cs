using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="DividedWrongWay"/> is explained.</summary>
public sealed class DividedWrongWayExplanation : Explanation<NoContext, DividedWrongWay>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.DividedWrongWay.Happened,
            Text.Mistakes.DividedWrongWay.Next
        );
}
