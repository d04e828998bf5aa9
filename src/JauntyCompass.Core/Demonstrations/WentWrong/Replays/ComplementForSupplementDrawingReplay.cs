using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="ComplementForSupplement"/> as it is made again in drawing.</summary>
public sealed class ComplementForSupplementDrawingReplay : DrawingReplay<ComplementForSupplement>
{
    // Nearer to the base ray nobody sees a second one, in degrees.
    private const double LeastShown = 5;

    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees - ComplementForSupplement.RightAngle >= LeastShown
            ? DrawingExample.Well(
                asked with
                {
                    Measure = new Measure(
                        asked.Measure.Degrees - ComplementForSupplement.RightAngle
                    ),
                },
                instrument
            )
            : null;
}
