using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="EndForRange"/> is explained.</summary>
public sealed class EndForRangeExplanation : Explanation<SumContext, EndForRange>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new Feedback(null, Text.Mistakes.EndForRange.Happened, Text.Mistakes.EndForRange.Next);
}
