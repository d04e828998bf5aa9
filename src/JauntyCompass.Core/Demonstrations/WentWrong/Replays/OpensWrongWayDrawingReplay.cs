using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="OpensWrongWay"/> as it is made again in drawing.</summary>
public sealed class OpensWrongWayDrawingReplay : DrawingReplay<OpensWrongWay>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees < 175
            ? DrawingExample.Well(asked with { Opening = asked.Opening.Reversed() }, instrument)
            : null;
}
