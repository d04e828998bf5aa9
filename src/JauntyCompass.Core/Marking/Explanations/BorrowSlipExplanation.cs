using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="BorrowSlip"/> is explained.</summary>
public sealed class BorrowSlipExplanation : Explanation<SumContext, BorrowSlip>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            context.Praise,
            "Your way is right. In taking away from 360 a ten or a hundred went astray.",
            "Check by adding: the smaller angle and your answer must make 360 together."
        );
}
