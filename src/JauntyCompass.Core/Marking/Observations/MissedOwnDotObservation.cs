using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="MissedOwnDot"/> in a drawing.</summary>
public sealed class MissedOwnDotObservation : DrawingObservation<MissedOwnDot>
{
    private const double Noise = 0.3;

    private const double SeriousFrom = 6;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        figure.DotMiss is double miss
            ? new Flaw(
                miss,
                HandNoise.Beyond(
                    miss,
                    MissedOwnDot.Limit + MissedOwnDot.OfWaves * figure.Shake,
                    Noise
                ),
                miss >= SeriousFrom
            )
            : null;
}
