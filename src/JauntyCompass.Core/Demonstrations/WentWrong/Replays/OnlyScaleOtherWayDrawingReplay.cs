using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="OnlyScaleOtherWay"/> as it is made again in drawing.</summary>
public sealed class OnlyScaleOtherWayDrawingReplay : DrawingReplay<OnlyScaleOtherWay>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument) =>
        Mistake.CanBeMadeOn(instrument) && asked.Measure.Supplement is Measure other
            ? DrawingExample.Well(asked with { Measure = other }, instrument)
            : null;
}
