using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>
/// What usually comes out where a mistake is made in constructing: done once more with a usual opening, the vertex at the origin and the
/// first ray level to the right.
/// </summary>
internal static class ConstructionOutcomes
{
    // What is usual of a child's construction, in mm: the opening, what it slips by, how unlike two unlike ones are, how far the needle
    // stands beside its crossing, by how much arcs that shall meet reach beyond the middle. Common practice, no source.
    private const double Opening = 35;
    private const double Slipped = 3;
    private const double Unlike = 9;
    private const double Beside = 6;
    private const double MoreThanHalf = 15;

    private static readonly Curve Around = Curve.Circle(default, Opening);

    /// <summary>What usually comes out, in degrees, either way; nothing where that is no angle, or any.</summary>
    internal static IEnumerable<double> Of(ConstructionAim aim, ConstructionMistake mistake) =>
        mistake switch
        {
            OpeningChanged => EitherWay(Slipped, by => Meeting(aim, by, 0)),
            UnlikeOpenings => EitherWay(Unlike, by => Meeting(aim, by, 0)),
            NeedleOff => EitherWay(Beside, by => Meeting(aim, 0, by)),
            WrongCrossing => OtherCrossing(aim) is double other ? [other] : [],
            _ => [],
        };

    private static IEnumerable<double> EitherWay(double by, Func<double, double?> outcome) =>
        new[] { outcome(-by), outcome(by) }.OfType<double>();

    // Where the last two arcs meet if the opening of the second is so much larger, or its needle stands so much farther from the vertex.
    private static double? Meeting(ConstructionAim aim, double larger, double farther)
    {
        switch (aim.Task)
        {
            case ConstructionTask.Copy:
                // The distance was taken from the arc across the given arms, and is stepped off on one that should be the same.
                double distance = On(0).DistanceTo(On(aim.Degrees));
                double opening = Opening + larger;
                return Turn(
                    Curve.Circle(default, opening),
                    Curve.Circle(new Point(opening + farther, 0), distance),
                    aim.Degrees
                );
            case ConstructionTask.Bisect:
                double half = HalfOfSmaller(aim);
                return Between(0, 2 * half, larger, farther) is double turn
                    ? aim.Degrees + turn - half
                    : null;
            default:
                int degrees = (int)Math.Round(aim.Degrees);
                if (degrees % 60 == 0)
                {
                    return Turn(
                        Around,
                        Curve.Circle(On(degrees - 60, farther), Opening + larger),
                        degrees
                    );
                }
                (int from, int to) = StepsOf15.HalvedBetween(degrees);
                return Between(from, to, larger, farther);
        }
    }

    // The ray through another crossing that was there to be taken.
    private static double? OtherCrossing(ConstructionAim aim)
    {
        switch (aim.Task)
        {
            case ConstructionTask.Copy:
                // The angle opens the other way then, and is as large.
                return null;
            case ConstructionTask.Bisect:
                // Of a reflex angle the arcs lie in the other opening: a line to them is no half at all.
                return aim.Degrees < 90 ? Beneath(0, 2 * aim.Degrees) : null;
            default:
                int degrees = (int)Math.Round(aim.Degrees);
                if (degrees % 60 == 0)
                {
                    return degrees > 60 ? degrees - 60 : null;
                }
                (int from, int to) = StepsOf15.HalvedBetween(degrees);
                return Beneath(from, to);
        }
    }

    // Arcs about two points of the first one: where they meet beyond it.
    private static double? Between(double from, double to, double larger, double farther) =>
        Turn(
            Curve.Circle(On(from), Arcs(from, to)),
            Curve.Circle(On(to, farther), Arcs(from, to) + larger),
            (from + to) / 2
        );

    // Where the arc about the one crosses the first arc on the side of the other.
    private static double? Beneath(double from, double to) =>
        Turn(Around, Curve.Circle(On(from), Arcs(from, to)), to);

    // Opened to a little more than half of the way from one to the other.
    private static double Arcs(double from, double to) =>
        On(from).DistanceTo(On(to)) / 2 + MoreThanHalf;

    private static double HalfOfSmaller(ConstructionAim aim) =>
        Math.Min(aim.Degrees, 180 - aim.Degrees);

    // A point of the first arc, or one farther from the vertex.
    private static Point On(double degrees, double farther = 0) =>
        default(Point).Towards(new Direction(degrees), Opening + farther);

    // How far round two circles cross, on the side where it is looked for; null where they do not.
    private static double? Turn(Curve one, Curve other, double near) =>
        one.CrossingNear(other, On(near, farther: Opening)) is Point crossing
            ? near + new Direction(near).ShorterTurnTo(Direction.Between(default, crossing))
            : null;
}
