using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="BorrowSlip"/> as it is made again in measuring.</summary>
public sealed class BorrowSlipReplay : MeasuringReplay<BorrowSlip>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid) =>
        MeasuringExamples.OfReflex(
            laid,
            measure => Math.Round(measure) + 10 < 360 ? measure + 10 : measure - 10
        );
}
