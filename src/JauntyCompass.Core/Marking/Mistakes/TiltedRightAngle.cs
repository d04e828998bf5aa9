namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A right angle was not seen because it is tilted.</summary>
public sealed class TiltedRightAngle()
    : ChoiceMistake("tilted-right-angle", "did not see a tilted right angle", 0.02)
{
    /// <inheritdoc/>
    public override string Remedy =>
        "Turn one right angle round and round on the Board: it stays one.";

    /// <inheritdoc/>
    public override string? Demonstration => "explained-tilted-right-angle";
}
