using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="ArcMissing"/> in a drawing.</summary>
public sealed class ArcMissingObservation : DrawingObservation<ArcMissing>
{
    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        figure.Ray.IsKnown && figure.Arc.IsAbsent ? new Flaw(1, 1, Serious: false) : null;
}
