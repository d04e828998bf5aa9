using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="CountedGraduations"/> as it is made again in measuring.</summary>
public sealed class CountedGraduationsReplay : MeasuringReplay<CountedGraduations>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        return read + 1 <= laid.Protractor.FullScale && laid.Protractor.SmallestGraduation <= 1
            ? new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, read + 1)
            : null;
    }
}
