using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="TenFromOtherScale"/> as it is made again in measuring.</summary>
public sealed class TenFromOtherScaleReplay : MeasuringReplay<TenFromOtherScale>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double ones = read % 10;
        double answer = laid.Protractor.FullScale - (read - ones) + ones;
        // At a right angle both scales say ninety; at a whole ten it is the other scale and nothing else.
        return
            ones == 0
            || laid.Protractor.InnerScale < 0
            || Math.Abs(answer - read) < 1
            || answer > laid.Protractor.FullScale
            ? null
            : new MeasuringExample(
                laid.Placement,
                1 - laid.Advice.ScaleIndex,
                laid.Protractor.FullScale - (read - ones),
                answer
            );
    }
}
