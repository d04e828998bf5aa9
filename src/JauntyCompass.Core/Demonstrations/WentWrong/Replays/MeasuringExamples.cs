using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Replays;

/// <summary>Examples that several mistakes share.</summary>
internal static class MeasuringExamples
{
    // A slip that costs less than this, in degrees, would show nothing on the sheet.
    private const double Shows = 1;

    /// <summary>
    /// A reflex angle answered wrongly after the instrument was laid and read well; null where the angle is none, or nothing is read.
    /// </summary>
    /// <param name="laid">The instrument laid well.</param>
    /// <param name="answer">What is written, in degrees, by the measure of the reflex angle.</param>
    internal static MeasuringExample? OfReflex(in LaidAngle laid, Func<double, double> answer) =>
        laid.Asked.Measure.Kind == AngleKind.Reflex && laid.Advice.Reading is double read
            ? new MeasuringExample(
                laid.Placement,
                laid.Advice.ScaleIndex,
                read,
                Math.Round(answer(laid.Asked.Measure.Degrees))
            )
            : null;

    /// <summary>The right scale read at a wrong placement; null where that costs nothing.</summary>
    internal static MeasuringExample? Misplaced(in LaidAngle well, in Placement placement)
    {
        LaidAngle laid = LaidAngle.Of(well.Angle, well.Protractor, placement);
        // Where the other arm comes to lie on the zero line, it would be that one that looks lined up.
        return
            laid.Alignment.LinedUpArm == well.Alignment.LinedUpArm
            && laid.Reading(well.Advice.ScaleIndex, well.Alignment.ReadArm) is double reading
            && Math.Abs(Math.Round(reading) - well.Angle.Measure.Degrees) >= Shows
            ? new MeasuringExample(placement, well.Advice.ScaleIndex, reading, Math.Round(reading))
            : null;
    }
}
