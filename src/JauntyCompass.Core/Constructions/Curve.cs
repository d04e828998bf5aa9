using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// A line or a circle that a construction has: what it runs through, without where it ends. A line is given by a point of it and its
/// direction, a circle by its centre and its radius in mm.
/// </summary>
internal readonly record struct Curve
{
    private Curve(Point at, Direction direction, double radius) =>
        (At, Direction, Radius) = (at, direction, radius);

    /// <summary>The centre of a circle, a point of a line.</summary>
    internal Point At { get; }

    /// <summary>Which way a line runs.</summary>
    internal Direction Direction { get; }

    /// <summary>The radius of a circle, in mm; 0 of a line.</summary>
    internal double Radius { get; }

    internal bool IsCircle => Radius > 0;

    internal static Curve Line(Point at, Direction direction) => new(at, direction, 0);

    internal static Curve Circle(Point centre, double radius) => new(centre, default, radius);

    /// <summary>The shortest distance from a point, in mm.</summary>
    internal double DistanceFrom(Point point) =>
        IsCircle
            ? Math.Abs(At.DistanceTo(point) - Radius)
            : Math.Abs(
                (point.Y - At.Y) * Direction.SinCos().Cos
                    - (point.X - At.X) * Direction.SinCos().Sin
            );

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

    private static int OfLines(in Curve one, in Curve other, Span<Point> crossings)
    {
        // Lines that run almost alike cross nowhere that a hand could tell.
        const double LeastSine = 0.05;
        (double sin1, double cos1) = one.Direction.SinCos();
        (double sin2, double cos2) = other.Direction.SinCos();
        double cross = cos1 * sin2 - sin1 * cos2;
        if (Math.Abs(cross) < LeastSine)
        {
            return 0;
        }
        double along = ((other.At.X - one.At.X) * sin2 - (other.At.Y - one.At.Y) * cos2) / cross;
        crossings[0] = new Point(one.At.X + along * cos1, one.At.Y + along * sin1);
        return 1;
    }

    private static int OfLineAndCircle(in Curve line, in Curve circle, Span<Point> crossings)
    {
        (double sin, double cos) = line.Direction.SinCos();
        double dx = circle.At.X - line.At.X;
        double dy = circle.At.Y - line.At.Y;
        double along = dx * cos + dy * sin;
        double across = dy * cos - dx * sin;
        double square = circle.Radius * circle.Radius - across * across;
        if (square <= 0)
        {
            return 0;
        }
        double half = Math.Sqrt(square);
        crossings[0] = new Point(
            line.At.X + (along + half) * cos,
            line.At.Y + (along + half) * sin
        );
        crossings[1] = new Point(
            line.At.X + (along - half) * cos,
            line.At.Y + (along - half) * sin
        );
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
