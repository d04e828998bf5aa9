using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="ZeroLineOff"/> as it is made again in measuring.</summary>
public sealed class ZeroLineOffReplay : MeasuringReplay<ZeroLineOff>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        const double Off = 6;
        int inwards = laid.Angle.Opening.Sign();
        Placement turned = laid.Placement with
        {
            Turn = laid.Placement.Turn.Turned(-inwards * Off),
        };
        return MeasuringExamples.Misplaced(laid, turned);
    }
}
