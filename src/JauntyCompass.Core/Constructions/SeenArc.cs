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
    public double EndsBefore(Point point)
    {
        double along = From.AnticlockwiseTo(Direction.Between(Centre, point));
        double beyond = along <= Sweep ? 0 : Math.Min(along - Sweep, 360 - along);
        return beyond * (Math.PI / 180) * Opening;
    }

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
        var circle = Circle.About(needle, LineFit.Ink(points));
        return circle.Radius < Least ? null : Of(circle, points);
    }

    /// <summary>The arc of a stroke of which nobody saw the needle; null where it is not bent enough to have a centre.</summary>
    public static SeenArc? Free(IReadOnlyList<Point> points) =>
        points.Count >= 3 && Circle.Nearest(LineFit.Ink(points)) is Circle circle
            ? Of(circle, points)
            : null;

    private static SeenArc Of(in Circle circle, IReadOnlyList<Point> points)
    {
        // The pencil may go to and fro: what counts is how far it came either way from where it began.
        double least = 0;
        double most = 0;
        double turned = 0;
        var before = Direction.Between(circle.Centre, points[0]);
        Direction from = before;
        for (int i = 1; i < points.Count; i++)
        {
            var now = Direction.Between(circle.Centre, points[i]);
            turned += before.ShorterTurnTo(now);
            before = now;
            least = Math.Min(least, turned);
            most = Math.Max(most, turned);
        }
        return new SeenArc(
            circle.Centre,
            circle.Radius,
            from.Turned(least),
            Math.Min(360, most - least),
            circle.Off
        );
    }
}
