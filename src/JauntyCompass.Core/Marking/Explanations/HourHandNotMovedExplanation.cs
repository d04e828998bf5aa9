using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Explanations;

/// <summary>How <see cref="HourHandNotMoved"/> is explained.</summary>
public sealed class HourHandNotMovedExplanation : Explanation<Phrasing, HourHandNotMoved>
{
    /// <inheritdoc/>
    public override Feedback Explain(Phrasing phrasing) =>
        new(
            null,
            "While the minutes pass, the hour hand moves on, too.",
            "It goes half a degree in every minute. Move it, then count again."
        );
}
