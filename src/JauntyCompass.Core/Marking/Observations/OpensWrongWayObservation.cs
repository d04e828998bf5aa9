using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="OpensWrongWay"/> in a drawing.</summary>
public sealed class OpensWrongWayObservation : DrawingObservation<OpensWrongWay>
{
    // A ray this close to the base ray, in degrees, opens neither way.
    private const double Noticeable = 3;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        figure.Turn < -Noticeable ? new Flaw(1, 1, Serious: true) : null;
}
