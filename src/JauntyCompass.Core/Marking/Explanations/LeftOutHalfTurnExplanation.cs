using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LeftOutHalfTurn"/> is explained.</summary>
public sealed class LeftOutHalfTurnExplanation : Explanation<SumContext, LeftOutHalfTurn>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            context.Praise,
            "That is only the part beyond the straight line, or what is left of 180.",
            "A reflex angle is more than 180 degrees: say its kind again, then add what is missing."
        );
}
