using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="LeftOutHalfTurn"/> as it is made again in measuring.</summary>
public sealed class LeftOutHalfTurnReplay : MeasuringReplay<LeftOutHalfTurn>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid) =>
        laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                Math.Round(laid.Asked.Measure.Degrees - 180)
            )
            : null;
}
