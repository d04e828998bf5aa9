using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking;

/// <summary>The straight line that a hand meant by one stroke.</summary>
/// <param name="Near">The end of the line that is nearer to the vertex.</param>
/// <param name="Far">The other end.</param>
public readonly record struct StrokeLine(Point Near, Point Far)
{
    /// <summary>A stroke shorter than this, in mm, is a slip of the pencil and no line.</summary>
    public const double ShortestLine = 3;

    /// <summary>Which way the line runs, from near to far.</summary>
    public Direction Direction => Direction.Between(Near, Far);

    /// <summary>Length, in mm.</summary>
    public double Length => Near.DistanceTo(Far);

    /// <summary>
    /// Fits a line to the points of a stroke so that the sum of the squared distances across it is least, whichever way and
    /// however shakily it was drawn. Null for a stroke too short to be a line.
    /// </summary>
    /// <param name="stroke">The raw points, in mm, in the order of drawing.</param>
    /// <param name="vertex">The vertex it should start from.</param>
    public static StrokeLine? Fit(IReadOnlyList<Point> stroke, Point vertex)
    {
        if (stroke.Count < 2)
        {
            return null;
        }
        (double mx, double my) = Middle(stroke);
        double xx = 0;
        double xy = 0;
        double yy = 0;
        for (int i = 0; i < stroke.Count; i++)
        {
            double dx = stroke[i].X - mx;
            double dy = stroke[i].Y - my;
            xx += dx * dx;
            xy += dx * dy;
            yy += dy * dy;
        }
        // Principal axis of the points: the direction of largest spread.
        double axis = Math.Atan2(2 * xy, xx - yy) / 2;
        (double sin, double cos) = Math.SinCos(axis);
        double least = double.MaxValue;
        double most = double.MinValue;
        for (int i = 0; i < stroke.Count; i++)
        {
            double along = (stroke[i].X - mx) * cos + (stroke[i].Y - my) * sin;
            least = Math.Min(least, along);
            most = Math.Max(most, along);
        }
        if (most - least < ShortestLine)
        {
            return null;
        }
        var one = new Point(mx + least * cos, my + least * sin);
        var other = new Point(mx + most * cos, my + most * sin);
        return one.DistanceTo(vertex) <= other.DistanceTo(vertex)
            ? new StrokeLine(one, other)
            : new StrokeLine(other, one);
    }

    /// <summary>The shortest distance from a point to the drawn line, not prolonged, in mm.</summary>
    public double DistanceFrom(Point point) => NearestTo(point).DistanceTo(point);

    /// <summary>The point of the drawn line that is nearest to a point.</summary>
    public Point NearestTo(Point point)
    {
        double dx = Far.X - Near.X;
        double dy = Far.Y - Near.Y;
        double share = ((point.X - Near.X) * dx + (point.Y - Near.Y) * dy) / (dx * dx + dy * dy);
        share = Math.Clamp(share, 0, 1);
        return new Point(Near.X + share * dx, Near.Y + share * dy);
    }

    private static (double X, double Y) Middle(IReadOnlyList<Point> stroke)
    {
        double x = 0;
        double y = 0;
        for (int i = 0; i < stroke.Count; i++)
        {
            x += stroke[i].X;
            y += stroke[i].Y;
        }
        return (x / stroke.Count, y / stroke.Count);
    }
}
