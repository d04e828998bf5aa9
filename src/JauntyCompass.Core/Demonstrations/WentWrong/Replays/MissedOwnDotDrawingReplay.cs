using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="MissedOwnDot"/> as it is made again in drawing.</summary>
public sealed class MissedOwnDotDrawingReplay : DrawingReplay<MissedOwnDot>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        // As far beside the dot as is seen from the back of the room.
        const double Beside = 7;
        DrawingExample well = DrawingExample.Well(asked, instrument);
        Direction across = asked.End.Turned(90 * asked.Opening.Sign());
        return well with { To = well.To.Towards(across, Beside) };
    }
}
