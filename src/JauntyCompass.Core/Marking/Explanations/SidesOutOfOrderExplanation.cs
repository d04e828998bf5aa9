using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="SidesOutOfOrder"/> is explained.</summary>
public sealed class SidesOutOfOrderExplanation : Explanation<NoContext, SidesOutOfOrder>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.SidesOutOfOrder.Happened,
            Text.Mistakes.SidesOutOfOrder.Next
        );
}
