using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="ArcInOtherOpening"/> as it is made again in drawing.</summary>
public sealed class ArcInOtherOpeningDrawingReplay : DrawingReplay<ArcInOtherOpening>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        DrawingExample well = DrawingExample.Well(asked, instrument);
        return well with
        {
            Arc = asked.Vertex.Towards(asked.Bisector.Opposite, asked.Vertex.DistanceTo(well.Arc)),
        };
    }
}
