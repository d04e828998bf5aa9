using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="CentreMarkOff"/> as it is made again in measuring.</summary>
public sealed class CentreMarkOffReplay : MeasuringReplay<CentreMarkOff>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        // Slid along the arm it costs most where the other arm stands across; enough to be seen from the back of the room.
        const double Offset = 9;
        Placement off = laid.Placement with
        {
            Centre = laid.Placement.Centre.Towards(laid.Angle.Start, Offset),
        };
        return MeasuringExamples.Misplaced(laid, off);
    }
}
