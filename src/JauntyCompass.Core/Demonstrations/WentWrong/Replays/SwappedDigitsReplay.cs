using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="SwappedDigits"/> as it is made again in measuring.</summary>
public sealed class SwappedDigitsReplay : MeasuringReplay<SwappedDigits>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double answer = read % 10 * 10 + Math.Floor(read / 10);
        return read is < 12 or >= 100 || Math.Abs(answer - read) < 1
            ? null
            : new MeasuringExample(laid.Placement, laid.Advice.ScaleIndex, read, answer);
    }
}
