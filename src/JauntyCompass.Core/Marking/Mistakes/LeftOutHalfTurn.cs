using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle by adding, and the 180 forgotten; or taken from 180 instead of 360: A − 180.</summary>
public sealed class LeftOutHalfTurn : SumMistake<ReflexSum>
{
    /// <inheritdoc/>
    public override string Key => "left-out-half-turn";

    /// <inheritdoc/>
    public override string Name => "left out the 180 of a reflex angle";

    /// <inheritdoc/>
    public override double Prior => 0.001;

    /// <inheritdoc/>
    public override string Remedy =>
        "Write “180 +” first, then measure what lies beyond the straight line.";
}
