using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Predictions;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="EndOfEdgeAtVertex"/> as it is made again in measuring.</summary>
public sealed class EndOfEdgeAtVertexReplay : MeasuringReplay<EndOfEdgeAtVertex>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid) =>
        laid.Protractor.Shape == ProtractorShape.FullCircle
            ? null
            : MeasuringExamples.Misplaced(
                laid,
                EndOfEdgeAtVertexPrediction.Slid(laid.Angle, laid.Protractor, laid.Placement)
            );
}
