using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="SmallerForReflex"/> as it is made again in measuring.</summary>
public sealed class SmallerForReflexReplay : MeasuringReplay<SmallerForReflex>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid) =>
        MeasuringExamples.OfReflex(laid, measure => 360 - measure);
}
