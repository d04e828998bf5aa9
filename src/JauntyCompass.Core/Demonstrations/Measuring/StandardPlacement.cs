using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>
/// An instrument laid well on an angle: centre mark on the vertex, a zero on the lined-up arm, graduations over the other.
/// </summary>
/// <param name="Angle">The angle that is measured, told from the arm that is lined up; on a half circle never reflex.</param>
/// <param name="Names">Its letters, told from the same arm.</param>
/// <param name="Protractor">The instrument.</param>
/// <param name="Placement">Where it lies.</param>
/// <param name="Scale">Index of the scale that starts at the lined-up arm.</param>
internal sealed record StandardPlacement(
    Angle Angle,
    AngleNames Names,
    Protractor Protractor,
    Placement Placement,
    int Scale
)
{
    internal LaidAngle Laid => LaidAngle.Of(Angle, Protractor, Placement, WhichArm.Start);

    /// <summary>
    /// Whether the scale counts the other way from the lined-up arm: then what it shows is what is left of the whole.
    /// </summary>
    internal bool CountsBack => Laid.Advice.ScaleIndex < 0;

    /// <summary>What the scale in use reads on the other arm, in degrees.</summary>
    internal double Reading =>
        Laid.Advice.Reading ?? Laid.Reading(Scale, WhichArm.End) ?? Angle.Measure.Degrees;

    /// <summary>Its angle, to the nearest whole degree.</summary>
    internal double Whole => Math.Round(Angle.Measure.Degrees, MidpointRounding.AwayFromZero);

    /// <summary>The number that is written: the nearest whole degree.</summary>
    internal double Rounded => Math.Round(Reading, MidpointRounding.AwayFromZero);

    /// <summary>
    /// Lays the instrument on an angle with a zero on the start arm; where the instrument has none for that arm, on the end
    /// arm, since either gives the same measure. Null when it has no zero for either.
    /// </summary>
    internal static StandardPlacement? Of(Angle angle, AngleNames names, Protractor protractor)
    {
        Angle measured = Read(angle, protractor);
        return On(measured, names, protractor) ?? OnOtherArm(angle, names, protractor);
    }

    /// <summary>
    /// Lays the instrument on the start arm whatever its scales; an only scale may then count the other way.
    /// </summary>
    internal static StandardPlacement? OnStart(Angle angle, AngleNames names, Protractor protractor)
    {
        Angle measured = Read(angle, protractor);
        return On(measured, names, protractor)
            ?? (
                protractor.Scales.Count == 1
                    ? new StandardPlacement(
                        measured,
                        names,
                        protractor,
                        WellLaid.Over(measured, protractor),
                        Scale: 0
                    )
                    : null
            );
    }

    /// <summary>The same with a zero on the end arm.</summary>
    internal static StandardPlacement? OnOtherArm(
        Angle angle,
        AngleNames names,
        Protractor protractor
    )
    {
        Angle measured = Read(angle, protractor);
        return On(measured.FromOtherArm, names.FromOtherArm, protractor);
    }

    private static StandardPlacement? On(Angle measured, AngleNames names, Protractor protractor) =>
        WellLaid.OnStart(measured, protractor) is WellLaid laid
            ? new StandardPlacement(measured, names, protractor, laid.Placement, laid.Scale)
            : null;

    // A half circle reads the smaller angle between the same arms.
    private static Angle Read(Angle angle, Protractor protractor) =>
        protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;
}
