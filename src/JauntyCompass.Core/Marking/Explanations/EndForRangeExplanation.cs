using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="EndForRange"/> is explained.</summary>
public sealed class EndForRangeExplanation : Explanation<SumContext, EndForRange>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            null,
            "That is where it stands in the end, not how far it has moved.",
            "It did not start at zero: take away where it began."
        );
}
