using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="WrongTen"/> as it is made again in measuring.</summary>
public sealed class WrongTenReplay : MeasuringReplay<WrongTen>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double interval = laid.Protractor.CountedBy;
        double answer =
            read + (read + interval <= laid.Protractor.FullScale ? interval : -interval);
        return laid.Protractor.HasLabels
            ? new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, answer)
            : null;
    }
}
