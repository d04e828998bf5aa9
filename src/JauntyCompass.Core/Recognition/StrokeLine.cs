using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>The straight line that a hand meant by its strokes, as it runs away from a vertex.</summary>
/// <param name="Near">The end of the line that is nearer to the vertex.</param>
/// <param name="Far">The other end.</param>
public readonly record struct StrokeLine(Point Near, Point Far)
{
    /// <summary>Which way the line runs, from near to far.</summary>
    public Direction Direction => Direction.Between(Near, Far);

    /// <summary>Length, in mm.</summary>
    public double Length => Near.DistanceTo(Far);

    /// <summary>The line between two points, running away from a vertex.</summary>
    public static StrokeLine From(Point vertex, Point one, Point other) =>
        one.DistanceTo(vertex) <= other.DistanceTo(vertex)
            ? new StrokeLine(one, other)
            : new StrokeLine(other, one);

    /// <summary>The shortest distance from a point to the drawn line, not prolonged, in mm.</summary>
    public double DistanceFrom(Point point) => NearestTo(point).DistanceTo(point);

    /// <summary>The shortest distance from a point to the line prolonged both ways, in mm.</summary>
    public double DistanceAcross(Point point)
    {
        double dx = Far.X - Near.X;
        double dy = Far.Y - Near.Y;
        double length = Length;
        return length == 0
            ? Near.DistanceTo(point)
            : Math.Abs(dx * (point.Y - Near.Y) - dy * (point.X - Near.X)) / length;
    }

    /// <summary>The point of the drawn line that is nearest to a point.</summary>
    public Point NearestTo(Point point) => At(Math.Clamp(ShareOf(point), 0, 1));

    /// <summary>How far a point lies along the line, in mm from the near end; negative before it.</summary>
    public double Along(Point point) => ShareOf(point) * Length;

    private Point At(double share) =>
        new(Near.X + share * (Far.X - Near.X), Near.Y + share * (Far.Y - Near.Y));

    private double ShareOf(Point point)
    {
        double dx = Far.X - Near.X;
        double dy = Far.Y - Near.Y;
        return ((point.X - Near.X) * dx + (point.Y - Near.Y) * dy) / (dx * dx + dy * dy);
    }
}
