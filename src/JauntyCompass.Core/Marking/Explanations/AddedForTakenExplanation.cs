using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="AddedForTaken"/> is explained.</summary>
public sealed class AddedForTakenExplanation : Explanation<SumContext, AddedForTaken>
{
    /// <inheritdoc/>
    public override Feedback Explain(SumContext context) =>
        new(
            null,
            "Both readings are there, but they were added.",
            "It moved from one to the other: take the smaller from the larger."
        );
}
