using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="OnlyScaleOtherWay"/> as it is made again in measuring.</summary>
public sealed class OnlyScaleOtherWayReplay : MeasuringReplay<OnlyScaleOtherWay>
{
    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        if (!Mistake.CanBeMadeOn(laid.Protractor))
        {
            return null;
        }
        // Laid as well on the other arm, it counts the other way.
        bool onStart = laid.Alignment.LinedUpArm == WhichArm.Start;
        Angle other = onStart ? laid.Angle.FromOtherArm : laid.Angle;
        Placement placement = WellLaid.Over(other, laid.Protractor);
        var again = LaidAngle.Of(
            laid.Angle,
            laid.Protractor,
            placement,
            onStart ? WhichArm.End : WhichArm.Start
        );
        return
            again.Advice.Reason == AdviceReason.NoZeroOnThatArm
            && again.Reading(0, again.Alignment.ReadArm) is double reading
            ? new MeasuringExample(placement, 0, reading, Math.Round(reading))
            : null;
    }
}
