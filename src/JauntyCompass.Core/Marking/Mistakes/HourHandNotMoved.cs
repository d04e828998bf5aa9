namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The hour hand was left standing on the full hour.</summary>
public sealed class HourHandNotMoved()
    : ChoiceMistake("hour-hand-not-moved", "left the hour hand on the full hour", 0.03)
{
    /// <inheritdoc/>
    public override string Remedy => "Turn a clock slowly and watch the hour hand creep.";

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";
}
