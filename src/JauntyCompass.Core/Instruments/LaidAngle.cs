using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>
/// All that a protractor laid on an angle shows: crossings, reach, alignment, advised scale, and each scale's reading.
/// Computed without allocating, so that it can follow a moving hand.
/// </summary>
public readonly struct LaidAngle
{
    private LaidAngle(Angle angle, Protractor protractor, in Placement placement, WhichArm? linedUp)
    {
        // A half circle has no graduations for a reflex opening: it measures the smaller angle between the same arms.
        Asked = angle;
        Angle = protractor.Shape == ProtractorShape.HalfCircle ? angle.Smaller : angle;
        Protractor = protractor;
        Placement = placement;
        StartCrossing = Crossing.Of(Angle.StartArm, protractor, placement);
        EndCrossing = Crossing.Of(Angle.EndArm, protractor, placement);
        Alignment = Alignment.Of(Angle, protractor, placement, linedUp);
        Advice = ScaleAdvice.StartAtZero(
            Angle,
            protractor,
            placement,
            Alignment,
            CrossingOf(Alignment.ReadArm)
        );
    }

    /// <summary>The angle that is asked.</summary>
    public Angle Asked { get; }

    /// <summary>The angle that is measured: on a half circle never reflex.</summary>
    public Angle Angle { get; }

    /// <summary>The instrument.</summary>
    public Protractor Protractor { get; }

    /// <summary>Where it lies.</summary>
    public Placement Placement { get; }

    /// <summary>Where the start arm crosses the graduated edge; null when it never does.</summary>
    public Crossing? StartCrossing { get; }

    /// <summary>Where the end arm crosses the graduated edge; null when it never does.</summary>
    public Crossing? EndCrossing { get; }

    /// <summary>How well it is lined up.</summary>
    public Alignment Alignment { get; }

    /// <summary>The scale named by <i>start at zero</i>, and why.</summary>
    public ScaleAdvice Advice { get; }

    /// <summary>
    /// Index of the scale that starts at the lined-up arm and grows towards the other, also where that other runs beside the
    /// graduations, as a ray that is still to be drawn may; -1 when none does.
    /// </summary>
    public int ScaleFromZero => ScaleAdvice.FromZero(Angle, Protractor, Placement, Alignment);

    /// <summary>Lays a protractor on an angle. All are taken as checked.</summary>
    /// <param name="angle">The angle.</param>
    /// <param name="protractor">The instrument.</param>
    /// <param name="placement">Where it lies.</param>
    /// <param name="linedUp">The arm meant to lie on the zero line where that is known; else the nearer one is taken.</param>
    public static LaidAngle Of(
        Angle angle,
        Protractor protractor,
        in Placement placement,
        WhichArm? linedUp = null
    ) => new(angle, protractor, placement, linedUp);

    /// <summary>The crossing of one of the arms.</summary>
    public Crossing? CrossingOf(WhichArm arm) =>
        arm == WhichArm.Start ? StartCrossing : EndCrossing;

    /// <summary>What one scale reads on one arm, in degrees; null where there are no graduations.</summary>
    public double? Reading(int scaleIndex, WhichArm arm) =>
        CrossingOf(arm) is { OnGraduations: true } crossing
            ? Protractor.Scales[scaleIndex].ReadingAt(crossing.Bearing)
            : null;

    /// <summary>
    /// What a careful reader gets at this placement, in degrees: the advised scale's reading; when no scale starts at the
    /// lined-up arm, or no arm lies on zero, the difference of both arms' readings on a scale that has both. Null when the
    /// placement gives no reading at all.
    /// </summary>
    public double? CarefulReading
    {
        get
        {
            if (Advice.Reading is double reading)
            {
                return reading;
            }
            for (int i = 0; i < Protractor.Scales.Count; i++)
            {
                if (
                    Reading(i, WhichArm.Start) is double start
                    && Reading(i, WhichArm.End) is double end
                )
                {
                    return Difference(Protractor.Scales[i], start, end);
                }
            }
            return null;
        }
    }

    // On a full circle a scale may pass its zero between the two arms; it is followed the way the angle opens.
    private double Difference(Scale scale, double start, double end)
    {
        if (Protractor.Shape == ProtractorShape.HalfCircle)
        {
            return Math.Abs(end - start);
        }
        TurnDirection asSeen = Placement.TurnedOver ? scale.Growth.Reversed() : scale.Growth;
        return Direction.Reduce(asSeen == Angle.Opening ? end - start : start - end);
    }
}
