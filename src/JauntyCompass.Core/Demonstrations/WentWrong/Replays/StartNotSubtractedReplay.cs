using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="StartNotSubtracted"/> as it is made again in measuring.</summary>
public sealed class StartNotSubtractedReplay : MeasuringReplay<StartNotSubtracted>
{
    private const double ShownStart = 25;

    /// <inheritdoc/>
    public override MeasuringExample? Replay(in LaidAngle laid)
    {
        double end = Math.Round(laid.Advice.Reading ?? 0) + ShownStart;
        // Nearer to the other zero it would look lined up with the other arm.
        return end >= laid.Protractor.FullScale - Alignment.FarthestLinedUp
            ? null
            : new MeasuringExample(
                laid.Placement with
                {
                    Turn = laid.Placement.Turn.Turned(-laid.Angle.Opening.Sign() * ShownStart),
                },
                laid.Advice.ScaleIndex,
                end,
                end
            );
    }
}
