using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="BorrowSlip"/> as it is made again in measuring.</summary>
public sealed class BorrowSlipReplay : MeasuringReplay<BorrowSlip>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double right = Math.Round(laid.Asked.Measure.Degrees);
        return laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                right + 10 < 360 ? right + 10 : right - 10
            )
            : null;
    }
}
