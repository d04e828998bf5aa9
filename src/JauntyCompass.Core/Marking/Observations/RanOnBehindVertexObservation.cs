using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="RanOnBehindVertex"/> in a drawing.</summary>
public sealed class RanOnBehindVertexObservation : DrawingObservation<RanOnBehindVertex>
{
    // A pencil set down in a hurry starts no farther behind the vertex, in mm. Common practice, no source.
    private const double Limit = 3;

    private const double Noise = 0.6;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        !figure.Ray.IsKnown
            ? null
            : new Flaw(
                figure.RunsOn,
                HandNoise.Beyond(figure.RunsOn, Limit, Noise),
                Serious: false
            );
}
