using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>
/// An instrument laid well on an angle: centre mark on the vertex, zero line along the start arm, graduations over the opening. The same
/// for half circles and full ones, with as many scales as they have.
/// </summary>
/// <param name="Placement">Where it lies.</param>
/// <param name="Scale">Index of the scale whose zero lies on the start arm and that counts towards the end arm.</param>
public readonly record struct WellLaid(Placement Placement, int Scale)
{
    /// <summary>With a zero on the start arm, from which a scale counts towards the end arm; null where the instrument has none.</summary>
    public static WellLaid? OnStart(Angle angle, Protractor protractor)
    {
        foreach (Direction turn in Turns(angle, protractor))
        {
            var placement = new Placement(angle.Vertex, turn);
            ScaleAdvice advice = LaidAngle.Of(angle, protractor, placement, WhichArm.Start).Advice;
            if (advice.Reason == AdviceReason.ZeroOnArmGrowsToOther)
            {
                return new WellLaid(placement, advice.ScaleIndex);
            }
        }
        return null;
    }

    /// <summary>
    /// On the start arm whatever its scales: where none counts from there towards the end arm, the first has its zero as near to that as can
    /// be, and counts the other way.
    /// </summary>
    public static Placement Over(Angle angle, Protractor protractor) =>
        OnStart(angle, protractor)?.Placement
        ?? new Placement(
            angle.Vertex,
            protractor.Shape == ProtractorShape.FullCircle
                ? angle.Start.Turned(-protractor.Scales[0].ZeroAt)
                : Turns(angle, protractor)[0]
        );

    // A half circle lies over the opening, so only one end of its zero line can lie on the arm.
    private static Direction[] Turns(Angle angle, Protractor protractor) =>
        protractor.Shape == ProtractorShape.FullCircle ? [angle.Start, angle.Start.Opposite]
        : angle.Opening == TurnDirection.Anticlockwise ? [angle.Start]
        : [angle.Start.Opposite];
}
