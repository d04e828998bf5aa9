using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="CentreMarkOff"/> in how the instrument lies.</summary>
public sealed class CentreMarkOffObservation : PlacingObservation<CentreMarkOff>
{
    // Off the vertex by just so much that the edge runs along the arm, whatever that costs at this angle: seen, but seldom by
    // this mistake. Common practice, no source.
    private const double JustOnTheEdge = 0.85;

    /// <inheritdoc/>
    public override double? Observe(MarkingContext context) =>
        context.Laid is not LaidAngle laid ? null
        : context.MovedBeforeDot || EndOfEdgeAtVertexObservation.IsSeen(laid) ? 0
        : laid.Alignment.EdgeOnArm ? JustOnTheEdge
        : PlacingCost.Likelihood(context.PlacingByCentre);
}
