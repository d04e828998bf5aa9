using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// A line or a circle that a construction has: what it runs through, without where it ends. A line is given by a point of it and its
/// direction, a circle by its centre and its radius in mm.
/// </summary>
internal readonly record struct Curve
{
    private Curve(Point at, double sin, double cos, double radius) =>
        (At, Sin, Cos, Radius) = (at, sin, cos, radius);

    /// <summary>The centre of a circle, a point of a line.</summary>
    internal Point At { get; }

    /// <summary>The sine of the direction in which a line runs.</summary>
    internal double Sin { get; }

    /// <summary>The cosine of the direction in which a line runs.</summary>
    internal double Cos { get; }

    /// <summary>The radius of a circle, in mm; 0 of a line.</summary>
    internal double Radius { get; }

    internal bool IsCircle => Radius > 0;

    internal static Curve Line(Point at, Direction direction)
    {
        (double sin, double cos) = direction.SinCos();
        return new Curve(at, sin, cos, 0);
    }

    /// <summary>The line from one point through another, which lies elsewhere.</summary>
    internal static Curve Line(Point at, Point through)
    {
        double apart = at.DistanceTo(through);
        return new Curve(at, (through.Y - at.Y) / apart, (through.X - at.X) / apart, 0);
    }

    internal static Curve Circle(Point centre, double radius) => new(centre, 0, 1, radius);

    /// <summary>A line that runs like this one, through another point.</summary>
    internal Curve MovedTo(Point at) => new(at, Sin, Cos, Radius);

    /// <summary>This line, the same way round as another runs.</summary>
    internal Curve RunningAs(in Curve other) =>
        Cos * other.Cos + Sin * other.Sin < 0 ? new Curve(At, -Sin, -Cos, Radius) : this;

    /// <summary>How far along a line a point lies, in mm from the point by which the line is given.</summary>
    internal double Along(Point point) => (point.X - At.X) * Cos + (point.Y - At.Y) * Sin;

    /// <summary>The point so far along a line, in mm.</summary>
    internal Point PointAt(double along) => new(At.X + along * Cos, At.Y + along * Sin);

    /// <summary>The shortest distance from a point, in mm.</summary>
    internal double DistanceFrom(Point point) =>
        IsCircle
            ? Math.Abs(At.DistanceTo(point) - Radius)
            : Math.Abs((point.Y - At.Y) * Cos - (point.X - At.X) * Sin);

    /// <summary>
    /// Where two curves cross, in an order that small changes of either do not change: of a line first the crossing farther along it, of
    /// two circles first the one to the left of the way from the first centre to the second. Nothing where they only touch.
    /// </summary>
    internal int Crossings(in Curve other, Span<Point> crossings)
    {
        if (IsCircle)
        {
            return other.IsCircle
                ? OfCircles(this, other, crossings)
                : OfLineAndCircle(other, this, crossings);
        }
        return other.IsCircle
            ? OfLineAndCircle(this, other, crossings)
            : OfLines(this, other, crossings);
    }

    /// <summary>Of the points in which two curves cross, the one nearer to a place; null where they do not cross.</summary>
    internal Point? CrossingNear(in Curve other, Point place)
    {
        Span<Point> crossings = stackalloc Point[2];
        return Crossings(other, crossings) switch
        {
            0 => null,
            1 => crossings[0],
            _ => crossings[0].DistanceTo(place) <= crossings[1].DistanceTo(place)
                ? crossings[0]
                : crossings[1],
        };
    }

    /// <summary>The sine of the angle at which this curve and another one cross in a point: small where they run almost alike.</summary>
    internal double SineAt(in Curve other, Point crossing)
    {
        (double oneX, double oneY) = RunsAt(crossing);
        (double otherX, double otherY) = other.RunsAt(crossing);
        return Math.Abs(oneX * otherY - oneY * otherX);
    }

    // Which way it runs in a point, as a step of 1.
    private (double X, double Y) RunsAt(Point point) =>
        IsCircle ? ((At.Y - point.Y) / Radius, (point.X - At.X) / Radius) : (Cos, Sin);

    /// <summary>
    /// Where this circle comes nearest to another one that it does not cross, and by how much they miss each other, in mm; not for circles
    /// about one point.
    /// </summary>
    internal (Point At, double Gap) NearestTo(in Curve other)
    {
        double apart = At.DistanceTo(other.At);
        // Beside each other, or one within the other: then on the side away from the centre of the larger one.
        double along =
            apart > Radius + other.Radius ? (apart + Radius - other.Radius) / 2
            : Radius > other.Radius ? (Radius + apart + other.Radius) / 2
            : -(Radius + other.Radius - apart) / 2;
        double share = along / apart;
        return (
            new Point(At.X + share * (other.At.X - At.X), At.Y + share * (other.At.Y - At.Y)),
            apart > Radius + other.Radius
                ? apart - Radius - other.Radius
                : Math.Abs(Radius - other.Radius) - apart
        );
    }

    private static int OfLines(in Curve one, in Curve other, Span<Point> crossings)
    {
        // Lines that run almost alike cross nowhere that a hand could tell.
        const double LeastSine = 0.05;
        double cross = one.Cos * other.Sin - one.Sin * other.Cos;
        if (Math.Abs(cross) < LeastSine)
        {
            return 0;
        }
        double along =
            ((other.At.X - one.At.X) * other.Sin - (other.At.Y - one.At.Y) * other.Cos) / cross;
        crossings[0] = one.PointAt(along);
        return 1;
    }

    private static int OfLineAndCircle(in Curve line, in Curve circle, Span<Point> crossings)
    {
        double along = line.Along(circle.At);
        double across = line.DistanceFrom(circle.At);
        double square = circle.Radius * circle.Radius - across * across;
        if (square <= 0)
        {
            return 0;
        }
        double half = Math.Sqrt(square);
        crossings[0] = line.PointAt(along + half);
        crossings[1] = line.PointAt(along - half);
        return 2;
    }

    private static int OfCircles(in Curve one, in Curve other, Span<Point> crossings)
    {
        double dx = other.At.X - one.At.X;
        double dy = other.At.Y - one.At.Y;
        double apart = Math.Sqrt(dx * dx + dy * dy);
        if (apart < 1e-6)
        {
            return 0;
        }
        double along =
            (apart * apart + one.Radius * one.Radius - other.Radius * other.Radius) / (2 * apart);
        double square = one.Radius * one.Radius - along * along;
        if (square <= 0)
        {
            return 0;
        }
        double half = Math.Sqrt(square);
        double x = one.At.X + along * dx / apart;
        double y = one.At.Y + along * dy / apart;
        crossings[0] = new Point(x - half * dy / apart, y + half * dx / apart);
        crossings[1] = new Point(x + half * dy / apart, y - half * dx / apart);
        return 2;
    }
}
