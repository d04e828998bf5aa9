using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SmallerForReflex"/> is explained.</summary>
public sealed class SmallerForReflexExplanation : Explanation<SumContext, SmallerForReflex>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            context.Praise,
            "You measured the smaller angle well. The arc goes round the outside, so the other opening is asked.",
            "A full turn is 360 degrees. What is left of it?"
        );
}
