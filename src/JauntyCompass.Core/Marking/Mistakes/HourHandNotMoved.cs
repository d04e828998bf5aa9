using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The hour hand was left standing on the full hour.</summary>
public sealed class HourHandNotMoved()
    : ChoiceMistake("hour-hand-not-moved", Text.Mistakes.HourHandNotMoved.Name, 0.03)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.HourHandNotMoved.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";
}
