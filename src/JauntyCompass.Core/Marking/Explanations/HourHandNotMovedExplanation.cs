using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="HourHandNotMoved"/> is explained.</summary>
public sealed class HourHandNotMovedExplanation : Explanation<NoContext, HourHandNotMoved>
{
    /// <inheritdoc/>
    public override Feedback Explain(NoContext context) =>
        new Feedback(
            null,
            Text.Mistakes.HourHandNotMoved.Happened,
            Text.Mistakes.HourHandNotMoved.Next
        );
}
