using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="OtherScale"/> as it is made again in measuring.</summary>
public sealed class OtherScaleReplay : MeasuringReplay<OtherScale>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            if (
                i != laid.Advice.ScaleIndex
                && laid.Reading(i, laid.Alignment.ReadArm) is double reading
            )
            {
                return new MeasuringExample(laid.Placement, i, reading, Math.Round(reading));
            }
        }
        return null;
    }
}
