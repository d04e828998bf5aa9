using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="AddedForTaken"/> is explained.</summary>
public sealed class AddedForTakenExplanation : Explanation<SumContext, AddedForTaken>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new Feedback(null, Text.Mistakes.AddedForTaken.Happened, Text.Mistakes.AddedForTaken.Next);
}
