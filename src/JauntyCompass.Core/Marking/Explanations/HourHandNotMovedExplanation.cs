using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="HourHandNotMoved"/> is explained.</summary>
public sealed class HourHandNotMovedExplanation : Explanation<Phrasing, HourHandNotMoved>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        phrasing.Feedback(
            null,
            Text.Mistakes.HourHandNotMoved.Happened,
            Text.Mistakes.HourHandNotMoved.Next
        );
}
