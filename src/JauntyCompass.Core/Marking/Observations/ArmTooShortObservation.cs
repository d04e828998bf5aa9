using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Recognition;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="ArmTooShort"/> in a drawing.</summary>
public sealed class ArmTooShortObservation : DrawingObservation<ArmTooShort>
{
    // A dot this near the rim stands at it, in mm.
    private const double AtTheRim = 3;

    private const double Noise = 1;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        !figure.Ray.IsKnown
            ? null
            : new Flaw(
                Missing(figure),
                HandNoise.Beyond(Missing(figure), 1, Noise),
                Serious: false
            );

    internal static double Missing(DrawnFigure? figure) =>
        figure?.Ray.Value is StrokeLine ray
            ? Math.Max(0, Rim(figure) - figure.Vertex.DistanceTo(ray.Far))
            : 0;

    // Where the instrument lay off the vertex, its rim was nearer: who drew past the dot at the rim did draw far enough.
    private static double Rim(DrawnFigure figure)
    {
        double radius = figure.Context.Instrument.EdgeRadius;
        return
            figure.Context.Laid is LaidAngle laid
            && figure.Dot.Value is Point dot
            && laid.Placement.Centre.DistanceTo(dot) >= radius - AtTheRim
            ? Math.Min(radius, figure.Vertex.DistanceTo(dot))
            : radius;
    }
}
