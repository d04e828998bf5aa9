using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="SmallerForReflex"/> as it is made again in measuring.</summary>
public sealed class SmallerForReflexReplay : MeasuringReplay<SmallerForReflex>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid) =>
        laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                Math.Round(360 - laid.Asked.Measure.Degrees)
            )
            : null;
}
