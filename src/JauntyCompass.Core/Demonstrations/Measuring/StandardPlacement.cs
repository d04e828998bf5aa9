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
        Angle measured = protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;
        return On(measured, names, protractor) ?? OnOtherArm(angle, names, protractor);
    }

    /// <summary>
    /// Lays the instrument on the start arm whatever its scales; an only scale may then count the other way.
    /// </summary>
    internal static StandardPlacement? OnStart(Angle angle, AngleNames names, Protractor protractor)
    {
        bool half = protractor.Shape == ProtractorShape.HalfCircle;
        Angle measured = half ? angle.Smaller : angle;
        StandardPlacement? counting = On(measured, names, protractor);
        if (counting is not null || protractor.Scales.Count != 1)
        {
            return counting;
        }
        Placement placement = half
            ? Placement.Over(measured)
            : new Placement(measured.Vertex, measured.Start.Turned(-protractor.Scales[0].ZeroAt));
        return new StandardPlacement(measured, names, protractor, placement, Scale: 0);
    }

    /// <summary>The same with a zero on the end arm.</summary>
    internal static StandardPlacement? OnOtherArm(
        Angle angle,
        AngleNames names,
        Protractor protractor
    )
    {
        Angle measured = protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;
        return On(measured.FromOtherArm, names.FromOtherArm, protractor);
    }

    private static StandardPlacement? On(Angle measured, AngleNames names, Protractor protractor)
    {
        foreach (bool right in Ends(measured, protractor))
        {
            var placement = new Placement(
                measured.Vertex,
                right ? measured.Start : measured.Start.Opposite
            );
            LaidAngle laid = LaidAngle.Of(measured, protractor, placement, WhichArm.Start);
            if (laid.Advice.Reason == AdviceReason.ZeroOnArmGrowsToOther)
            {
                return new StandardPlacement(
                    measured,
                    names,
                    protractor,
                    placement,
                    laid.Advice.ScaleIndex
                );
            }
        }
        return null;
    }

    // A half circle lies over the opening, so only one end of its zero line can lie on the arm.
    private static bool[] Ends(Angle measured, Protractor protractor) =>
        protractor.Shape == ProtractorShape.FullCircle ? [true, false]
        : measured.Opening == TurnDirection.Anticlockwise ? [true]
        : [false];
}
