using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="EndOfEdgeAtVertex"/> in how the instrument lies.</summary>
public sealed class EndOfEdgeAtVertexObservation : PlacingObservation<EndOfEdgeAtVertex>
{
    // How near the end of the edge must lie to the vertex to have been put there, in mm. Common practice, no source.
    private const double AtVertex = 4;

    /// <summary>Whether an end of the straight edge lies at the vertex.</summary>
    internal static bool IsSeen(in LaidAngle laid) =>
        laid.Protractor.Shape == ProtractorShape.HalfCircle
        && Math.Abs(laid.Alignment.CentreOffset - laid.Protractor.HalfLength) <= AtVertex;

    /// <inheritdoc/>
    public override double? Observe(MarkingContext context) =>
        context.Laid is LaidAngle { Protractor.Shape: ProtractorShape.HalfCircle } laid
            ? IsSeen(laid)
                ? 1
                : 0
            : null;
}
