using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="StraightEdgeForZeroLine"/> as it is made again in measuring.</summary>
public sealed class StraightEdgeForZeroLineReplay : MeasuringReplay<StraightEdgeForZeroLine>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        Placement raised = laid.Placement with
        {
            Centre = laid.Placement.Centre.Towards(
                laid.Placement.DirectionOf(90),
                laid.Protractor.Inset
            ),
        };
        return laid.Protractor.Inset > 0 ? MeasuringExamples.Misplaced(laid, raised) : null;
    }
}
