using JauntyCompass.Core.Marking.Sums;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A reflex angle by adding, and the 180 forgotten; or taken from 180 instead of 360: A − 180.</summary>
public sealed class LeftOutHalfTurn : SumMistake<ReflexSum>
{
    /// <inheritdoc/>
    public override string Key => "left-out-half-turn";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.LeftOutHalfTurn.Name;

    /// <inheritdoc/>
    public override double Prior => 0.001;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.LeftOutHalfTurn.Remedy;
}
