using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="GapAtVertex"/> as it is made again in drawing.</summary>
public sealed class GapAtVertexDrawingReplay : DrawingReplay<GapAtVertex>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        DrawingExample well = DrawingExample.Well(asked, instrument);
        return well with { From = asked.Vertex.Towards(asked.End, GapAtVertex.SeriousFrom + 3) };
    }
}
