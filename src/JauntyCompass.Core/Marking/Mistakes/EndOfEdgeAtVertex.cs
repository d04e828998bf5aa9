using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The end of the straight edge was put at the vertex instead of the centre mark. For a half-length equal to the edge radius
/// and no inset an acute A comes out as 2A (Euclid, <i>Elements</i> III.20: the angle at the centre is twice that at the edge).
/// </summary>
public sealed class EndOfEdgeAtVertex : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "end-of-edge-at-vertex";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.EndOfEdgeAtVertex.Name;

    /// <inheritdoc/>
    public override double Prior => 0.012;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.EndOfEdgeAtVertex.Remedy;
}
