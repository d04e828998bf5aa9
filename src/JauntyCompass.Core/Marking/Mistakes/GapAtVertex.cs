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
    public override string Name => "left a gap at the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.06;

    /// <inheritdoc/>
    public override string Remedy =>
        "Set the pencil on the vertex and push the straightedge up to it.";

    /// <inheritdoc/>
    public override bool IsOfRuling => true;
}
