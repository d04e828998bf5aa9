using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="OtherScale"/> as it is made again in drawing.</summary>
public sealed class OtherScaleDrawingReplay : DrawingReplay<OtherScale>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument) =>
        instrument.Scales.Count > 1 && asked.Measure.Supplement is Measure other
            ? DrawingExample.Well(asked with { Measure = other }, instrument)
            : null;
}
