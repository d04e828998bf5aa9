using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="ArmTooShort"/> as it is made again in drawing.</summary>
public sealed class ArmTooShortDrawingReplay : DrawingReplay<ArmTooShort>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        const double Share = 0.55;
        DrawingExample well = DrawingExample.Well(asked, instrument);
        return well with { To = asked.Vertex.Towards(asked.End, instrument.EdgeRadius * Share) };
    }
}
