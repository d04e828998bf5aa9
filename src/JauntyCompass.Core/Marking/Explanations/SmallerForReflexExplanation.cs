using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SmallerForReflex"/> is explained.</summary>
public sealed class SmallerForReflexExplanation : Explanation<SumContext, SmallerForReflex>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new Feedback(
            context.Praise,
            Text.Mistakes.SmallerForReflex.Happened,
            context.Way == ReflexMethod.AddTo180
                ? Text.Mistakes.SmallerForReflex.NextAdding
                : Text.Mistakes.SmallerForReflex.Next
        );
}
