using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="TicksBackwards"/> as it is made again in measuring.</summary>
public sealed class TicksBackwardsReplay : MeasuringReplay<TicksBackwards>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double read = Math.Round(laid.Advice.Reading ?? 0);
        double every = laid.Protractor.LabelEvery;
        if (every == 0)
        {
            return null;
        }
        double rest = read % every;
        double nextLabel = read - rest + every;
        return rest == 0 || rest * 2 == every || nextLabel > laid.Protractor.FullScale
            ? null
            : new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                nextLabel,
                nextLabel - rest
            );
    }
}
