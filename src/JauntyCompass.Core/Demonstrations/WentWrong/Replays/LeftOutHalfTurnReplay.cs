using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="LeftOutHalfTurn"/> as it is made again in measuring.</summary>
public sealed class LeftOutHalfTurnReplay : MeasuringReplay<LeftOutHalfTurn>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid) =>
        MeasuringExamples.OfReflex(laid, measure => measure - 180);
}
