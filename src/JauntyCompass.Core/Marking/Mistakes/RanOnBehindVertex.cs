using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray runs on behind the vertex, so that four angles stand there instead of one.</summary>
public sealed class RanOnBehindVertex : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "ran-on-behind-vertex";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.RanOnBehindVertex.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.RanOnBehindVertex.Remedy;
}
