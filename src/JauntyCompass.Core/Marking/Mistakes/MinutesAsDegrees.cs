namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Each minute mark was taken for one degree.</summary>
public sealed class MinutesAsDegrees()
    : ChoiceMistake("minutes-as-degrees", "took each minute for one degree", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy => "Ask how many degrees a quarter of an hour is.";

    /// <inheritdoc/>
    public override string? Demonstration => "full-circle-turn";
}
