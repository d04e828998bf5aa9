using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>Where the line of an arm crosses the circle of a protractor's graduated edge.</summary>
/// <param name="At">The point on the sheet.</param>
/// <param name="Bearing">The bearing on the instrument, in [0, 360), as printed.</param>
/// <param name="DistanceFromVertex">How far along the arm it lies, in mm.</param>
/// <param name="Reach">How far the drawn arm goes beyond it, in mm; negative: by so much the arm is too short.</param>
/// <param name="OnGraduations">Whether the edge is graduated there.</param>
public readonly record struct Crossing(
    Point At,
    double Bearing,
    double DistanceFromVertex,
    double Reach,
    bool OnGraduations
)
{
    /// <summary>Whether the arm as drawn gets to the graduations.</summary>
    public bool Reaches => Reach >= 0;

    /// <summary>How many millimetres are missing to the graduations; 0 when the arm reaches.</summary>
    public double Shortfall => Math.Max(0, -Reach);

    /// <summary>
    /// Finds the crossing of an arm, extended if need be, also with the centre mark off the vertex. Null when the arm's line
    /// never meets the edge, which takes a vertex outside it. From such a vertex the line may meet the edge twice; the farther
    /// crossing counts, since that is where the arm leaves the body.
    /// </summary>
    /// <param name="arm">The arm.</param>
    /// <param name="protractor">The instrument.</param>
    /// <param name="placement">Where it lies.</param>
    public static Crossing? Of(in Arm arm, Protractor protractor, in Placement placement)
    {
        (double sin, double cos) = arm.Direction.SinCos();
        double vx = arm.From.X - placement.Centre.X;
        double vy = arm.From.Y - placement.Centre.Y;
        double radius = protractor.EdgeRadius;
        double along = vx * cos + vy * sin;
        double across = vx * sin - vy * cos;
        double halfChordSquared = radius * radius - across * across;
        if (halfChordSquared < 0)
        {
            return null;
        }
        double distance = Math.Sqrt(halfChordSquared) - along;
        if (distance < 0)
        {
            return null;
        }
        var at = new Point(arm.From.X + distance * cos, arm.From.Y + distance * sin);
        // With the centre mark on the vertex the direction itself is exact; going through the point would only add rounding.
        Direction fromCentre =
            vx == 0 && vy == 0 ? arm.Direction : Direction.Between(placement.Centre, at);
        double bearing = placement.BearingOf(fromCentre);
        return new Crossing(
            at,
            bearing,
            distance,
            arm.Length - distance,
            protractor.IsGraduatedAt(bearing)
        );
    }
}
