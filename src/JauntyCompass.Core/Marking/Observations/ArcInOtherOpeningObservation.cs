using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="ArcInOtherOpening"/> in a drawing.</summary>
public sealed class ArcInOtherOpeningObservation : DrawingObservation<ArcInOtherOpening>
{
    private const double Noise = 0.6;

    private const double Seen = 0.5;

    // The two openings of a straight angle are alike, in degrees.
    private const double NearlyStraight = 3;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure)
    {
        if (
            figure.Turn is not double turn
            || figure.Arc.Value is not Point arc
            || Math.Abs(Math.Abs(turn) - 180) <= NearlyStraight
        )
        {
            return null;
        }
        double outside = figure.OutsideOpening(arc) ?? 0;
        double likelihood = HandNoise.Beyond(outside, ArcInOtherOpening.Beside, Noise);
        return likelihood >= Seen ? new Flaw(outside, likelihood, Serious: true) : null;
    }
}
