using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray does not start at the vertex.</summary>
public sealed class GapAtVertex : InstrumentMistake
{
    // A careful pencil starts within this distance of the vertex, in mm. Common practice, no source.
    internal const double Limit = 1.5;

    internal const double SeriousFrom = 5;

    /// <inheritdoc/>
    public override string Key => "gap-at-vertex";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.GapAtVertex.Name;

    /// <inheritdoc/>
    public override double Prior => 0.06;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.GapAtVertex.Remedy;

    /// <inheritdoc/>
    public override bool IsOfRuling => true;
}
