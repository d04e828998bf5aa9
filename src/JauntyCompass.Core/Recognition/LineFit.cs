using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>A point of a stroke with the length of stroke that it stands for: a slow hand leaves more points, not more line.</summary>
/// <param name="At">Where it is.</param>
/// <param name="Weight">In mm.</param>
internal readonly record struct Inked(Point At, double Weight);

/// <summary>
/// The straight line through inked points so that the sum of the squared distances across it is least (total least squares: the
/// principal axis of the points), whichever way and however shakily they were drawn.
/// </summary>
/// <param name="One">One end.</param>
/// <param name="Other">The other end.</param>
/// <param name="Shake">How far the points lie beside it, as a root mean square in mm.</param>
internal readonly record struct LineFit(Point One, Point Other, double Shake)
{
    // A hook where the pencil was set down or lifted: what lies this many times farther off than the rest, and this far in mm.
    private const double HookTimes = 2.5;
    private const double HookMillimetres = 1;

    /// <summary>Length, in mm.</summary>
    internal double Length => One.DistanceTo(Other);

    /// <summary>The points of a stroke with their weights.</summary>
    internal static Inked[] Ink(IReadOnlyList<Point> stroke)
    {
        const double Least = 1e-6;
        var inked = new Inked[stroke.Count];
        double before = 0;
        for (int i = 0; i < stroke.Count; i++)
        {
            double after = i + 1 < stroke.Count ? stroke[i].DistanceTo(stroke[i + 1]) : 0;
            inked[i] = new Inked(stroke[i], (before + after) / 2 + Least);
            before = after;
        }
        return inked;
    }

    /// <summary>Fits a line, leaving out hooks.</summary>
    /// <param name="points">The points, two at least.</param>
    /// <param name="through">A point that it is known to start from, or null.</param>
    /// <param name="trust">How much that is trusted, 0 to 1.</param>
    internal static LineFit Of(ReadOnlySpan<Inked> points, Point? through = null, double trust = 0)
    {
        LineFit all = Once(points, double.PositiveInfinity, default, through, trust);
        double most = Math.Max(HookMillimetres, HookTimes * all.Shake);
        foreach (ref readonly Inked point in points)
        {
            if (all.Across(point.At) > most)
            {
                return Once(points, most, all, through, trust);
            }
        }
        return all;
    }

    /// <summary>How far a point lies beside the line prolonged, in mm.</summary>
    internal double Across(Point point)
    {
        double length = Length;
        return length == 0
            ? One.DistanceTo(point)
            : Math.Abs(
                (Other.X - One.X) * (point.Y - One.Y) - (Other.Y - One.Y) * (point.X - One.X)
            ) / length;
    }

    private static LineFit Once(
        ReadOnlySpan<Inked> points,
        double most,
        in LineFit before,
        Point? through,
        double trust
    )
    {
        // A start that is known counts as much as so many lines.
        const double Anchor = 2;
        double weight = 0;
        double mx = 0;
        double my = 0;
        foreach (ref readonly Inked point in points)
        {
            if (double.IsInfinity(most) || before.Across(point.At) <= most)
            {
                weight += point.Weight;
                mx += point.Weight * point.At.X;
                my += point.Weight * point.At.Y;
            }
        }
        double ink = weight;
        double held = through is null ? 0 : Anchor * trust * ink;
        Point start = through ?? default;
        weight += held;
        mx = (mx + held * start.X) / weight;
        my = (my + held * start.Y) / weight;

        double xx = held * (start.X - mx) * (start.X - mx);
        double xy = held * (start.X - mx) * (start.Y - my);
        double yy = held * (start.Y - my) * (start.Y - my);
        foreach (ref readonly Inked point in points)
        {
            if (double.IsInfinity(most) || before.Across(point.At) <= most)
            {
                double dx = point.At.X - mx;
                double dy = point.At.Y - my;
                xx += point.Weight * dx * dx;
                xy += point.Weight * dx * dy;
                yy += point.Weight * dy * dy;
            }
        }
        (double sin, double cos) = Math.SinCos(Math.Atan2(2 * xy, xx - yy) / 2);
        double least = double.MaxValue;
        double farthest = double.MinValue;
        double across = 0;
        foreach (ref readonly Inked point in points)
        {
            double dx = point.At.X - mx;
            double dy = point.At.Y - my;
            double off = dy * cos - dx * sin;
            // What strays does not turn the line, but it shows how far the pencil went.
            least = Math.Min(least, dx * cos + dy * sin);
            farthest = Math.Max(farthest, dx * cos + dy * sin);
            if (double.IsInfinity(most) || before.Across(point.At) <= most)
            {
                across += point.Weight * off * off;
            }
        }
        return new LineFit(
            new Point(mx + least * cos, my + least * sin),
            new Point(mx + farthest * cos, my + farthest * sin),
            Math.Sqrt(across / ink)
        );
    }
}
