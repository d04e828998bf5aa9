using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="RanOnBehindVertex"/> as it is made again in drawing.</summary>
public sealed class RanOnBehindVertexDrawingReplay : DrawingReplay<RanOnBehindVertex>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        const double Behind = 16;
        return DrawingExample.Well(asked, instrument) with
        {
            From = asked.Vertex.Towards(asked.End.Opposite, Behind),
        };
    }
}
