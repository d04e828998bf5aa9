using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Constructions;

/// <summary>An arc of the compass as it was recovered from what was drawn.</summary>
/// <param name="Centre">Where the needle stood.</param>
/// <param name="Opening">How far the compass was open: the mean distance of its points from the needle, in mm.</param>
/// <param name="From">Where the arc begins, seen from the needle.</param>
/// <param name="Sweep">How far it runs from there, in degrees, anticlockwise; 0 to 360.</param>
/// <param name="Off">How far its points lie off that circle, as a root mean square in mm.</param>
public readonly record struct SeenArc(
    Point Centre,
    double Opening,
    Direction From,
    double Sweep,
    double Off
)
{
    /// <summary>Half way along it.</summary>
    public Point Middle => Centre.Towards(From.Turned(Sweep / 2), Opening);

    internal Curve Curve => Curve.Circle(Centre, Opening);

    /// <summary>How far the drawn arc ends before a point of its circle, in mm along it; 0 where it reaches it.</summary>
    public double EndsBefore(Point point) => new ArcReach(this).EndsBefore(point);

    /// <summary>The arc of a stroke whose needle is known; null where there is hardly anything of it.</summary>
    public static SeenArc? Of(CompassStroke stroke) => Of(stroke.Points, stroke.Needle);

    /// <summary>The arc of a stroke that is held to a point: the needle stood there.</summary>
    internal static SeenArc? Of(IReadOnlyList<Point> points, Point needle)
    {
        // Less than this of an opening, in mm, or two points, is no arc.
        const double Least = 2;
        if (points.Count < 2)
        {
            return null;
        }
        Point[] drawn = [.. points];
        var circle = Circle.About(needle, drawn);
        return circle.Radius < Least ? null : Of(circle, drawn);
    }

    /// <summary>The arc of a stroke of which nobody saw the needle; null where it is not bent enough to have a centre.</summary>
    public static SeenArc? Free(IReadOnlyList<Point> points)
    {
        Point[] drawn = [.. points];
        return drawn.Length >= 3 && Circle.Nearest(drawn) is Circle circle
            ? Of(circle, drawn)
            : null;
    }

    private static SeenArc Of(in Circle circle, ReadOnlySpan<Point> points)
    {
        // The pencil may go to and fro: what counts is how far it came either way from where it began. In radians.
        double least = 0;
        double most = 0;
        double turned = 0;
        for (int i = 1; i < points.Length; i++)
        {
            turned += Turn(circle.Centre, points[i - 1], points[i]);
            least = Math.Min(least, turned);
            most = Math.Max(most, turned);
        }
        const double Degree = Math.PI / 180;
        return new SeenArc(
            circle.Centre,
            circle.Radius,
            Direction.Between(circle.Centre, points[0]).Turned(least / Degree),
            Math.Min(360, (most - least) / Degree),
            circle.Off
        );
    }

    // The turn from one point to the next about a centre, in radians: by the first terms of the arctangent where it is small, as it is
    // between almost all points that a hand leaves, else by the arctangent itself.
    private static double Turn(Point centre, Point from, Point to)
    {
        const double Small = 0.2;
        double x = from.X - centre.X;
        double y = from.Y - centre.Y;
        double nextX = to.X - centre.X;
        double nextY = to.Y - centre.Y;
        double cross = x * nextY - y * nextX;
        double dot = x * nextX + y * nextY;
        if (Math.Abs(cross) >= Small * dot)
        {
            return Math.Atan2(cross, dot);
        }
        double tangent = cross / dot;
        double square = tangent * tangent;
        return tangent * (1 - square / 3 + square * square / 5);
    }
}
