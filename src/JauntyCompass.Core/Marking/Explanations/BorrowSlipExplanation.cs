using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="BorrowSlip"/> is explained.</summary>
public sealed class BorrowSlipExplanation : Explanation<SumContext, BorrowSlip>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        context.Way == ReflexMethod.AddTo180
            ? new Feedback(
                context.Praise,
                Text.Mistakes.BorrowSlip.HappenedAdding,
                Text.Mistakes.BorrowSlip.NextAdding
            )
            : new Feedback(
                context.Praise,
                Text.Mistakes.BorrowSlip.Happened,
                Text.Mistakes.BorrowSlip.Next
            );
}
