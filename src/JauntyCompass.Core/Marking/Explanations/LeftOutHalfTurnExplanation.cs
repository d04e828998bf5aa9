using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LeftOutHalfTurn"/> is explained.</summary>
public sealed class LeftOutHalfTurnExplanation : Explanation<SumContext, LeftOutHalfTurn>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new Feedback(
            context.Praise,
            Text.Mistakes.LeftOutHalfTurn.Happened,
            Text.Mistakes.LeftOutHalfTurn.Next
        );
}
