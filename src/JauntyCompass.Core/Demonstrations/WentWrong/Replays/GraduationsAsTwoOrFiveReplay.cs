using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="GraduationsAsTwoOrFive"/> as it is made again in measuring.</summary>
public sealed class GraduationsAsTwoOrFiveReplay : MeasuringReplay<GraduationsAsTwoOrFive>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double ones = read % 10;
        return
            ones is 0 or 1
            || laid.Protractor.SmallestGraduation > 1
            || read + ones > laid.Protractor.FullScale
            ? null
            : new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, read + ones);
    }
}
