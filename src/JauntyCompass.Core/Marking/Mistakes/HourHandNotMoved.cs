using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The hour hand was left standing on the full hour.</summary>
public sealed class HourHandNotMoved()
    : ChoiceMistake("hour-hand-not-moved", "left the hour hand on the full hour", 0.03)
{
    /// <inheritdoc/>
    public override string Remedy => "Turn a clock slowly and watch the hour hand creep.";

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";

    /// <inheritdoc/>
    public override Feedback Explain(Phrasing say) =>
        new(
            null,
            "While the minutes pass, the hour hand moves on, too.",
            "It goes half a degree in every minute. Move it, then count again."
        );
}
