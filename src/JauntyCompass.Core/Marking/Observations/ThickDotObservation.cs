using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="ThickDot"/> in a drawing.</summary>
public sealed class ThickDotObservation : DrawingObservation<ThickDot>
{
    // A dot no wider than this, in mm, still tells the degree. Common practice, no source.
    private const double Limit = 1.5;

    private const double Noise = 0.3;

    /// <inheritdoc/>
    public override Flaw? Observe(DrawnFigure figure) =>
        !figure.Dot.IsKnown
            ? null
            : new Flaw(
                figure.DotWidth,
                HandNoise.Beyond(figure.DotWidth, Limit, Noise),
                Serious: false
            );
}
