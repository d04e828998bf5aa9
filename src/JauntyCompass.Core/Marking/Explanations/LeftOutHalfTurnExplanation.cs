using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="LeftOutHalfTurn"/> is explained.</summary>
public sealed class LeftOutHalfTurnExplanation : Explanation<SumContext, LeftOutHalfTurn>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        context.Way switch
        {
            ReflexMethod.AddTo180 => new Feedback(
                context.Praise,
                Text.Mistakes.LeftOutHalfTurn.HappenedAdding,
                Text.Mistakes.LeftOutHalfTurn.Next
            ),
            ReflexMethod.From360 => new Feedback(
                context.Praise,
                Text.Mistakes.LeftOutHalfTurn.HappenedTaking,
                Text.Mistakes.LeftOutHalfTurn.NextTaking
            ),
            _ => new Feedback(
                context.Praise,
                Text.Mistakes.LeftOutHalfTurn.Happened,
                Text.Mistakes.LeftOutHalfTurn.Next
            ),
        };
}
