using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="FreehandLine"/> in a drawing.</summary>
public sealed class FreehandLineObservation : DrawingObservation<FreehandLine>
{
    private const double Noise = 0.12;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        !figure.Ray.IsKnown
            ? null
            : new Flaw(
                figure.Shake,
                HandNoise.Beyond(figure.Shake, FreehandLine.Limit, Noise),
                Serious: false
            );
}
