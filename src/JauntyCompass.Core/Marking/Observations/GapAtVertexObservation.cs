using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="GapAtVertex"/> in a drawing.</summary>
public sealed class GapAtVertexObservation : DrawingObservation<GapAtVertex>
{
    private const double Noise = 0.4;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        !figure.Ray.IsKnown
            ? null
            : new Flaw(
                figure.Gap,
                HandNoise.Beyond(figure.Gap, GapAtVertex.Limit, Noise),
                figure.Gap >= GapAtVertex.SeriousFrom
            );
}
