using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Observations;

/// <summary>What is to be seen of <see cref="StraightEdgeForZeroLine"/> in how the instrument lies.</summary>
public sealed class StraightEdgeForZeroLineObservation : PlacingObservation<StraightEdgeForZeroLine>
{
    /// <inheritdoc/>
    public override double? Observe(MarkingContext context) =>
        context.Laid is LaidAngle laid && context.Instrument.Inset > 0
            ? laid.Alignment.EdgeOnArm
                ? 1
                : 0
            : null;
}
