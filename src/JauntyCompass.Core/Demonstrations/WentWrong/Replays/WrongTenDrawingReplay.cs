using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary><see cref="WrongTen"/> as it is made again in drawing.</summary>
public sealed class WrongTenDrawingReplay : DrawingReplay<WrongTen>
{
    /// <inheritdoc/>
    public override DrawingExample? Replay(Angle asked, Protractor instrument) =>
        asked.Measure.Degrees + instrument.CountedBy <= 180
            ? DrawingExample.Well(
                asked with
                {
                    Measure = new Measure(asked.Measure.Degrees + instrument.CountedBy),
                },
                instrument
            )
            : null;
}
