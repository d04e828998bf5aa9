using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>A circle through points.</summary>
/// <param name="Centre">Its centre.</param>
/// <param name="Radius">Its radius, in mm.</param>
/// <param name="Off">How far the points lie off it, as a root mean square in mm.</param>
internal readonly record struct Circle(Point Centre, double Radius, double Off)
{
    private const int MostRounds = 12;
    private const double Settled = 1e-4;

    /// <summary>
    /// The circle by algebraic least squares (Kåsa's method, from memory), or null where the points lie on a line: good enough to tell an
    /// arc from a corner, and a little too small where the arc is short.
    /// </summary>
    internal static Circle? Through(ReadOnlySpan<Point> points)
    {
        (double mx, double my) = (0, 0);
        foreach (ref readonly Point point in points)
        {
            mx += point.X / points.Length;
            my += point.Y / points.Length;
        }
        (double uu, double uv, double vv, double uq, double vq, double q) = (0, 0, 0, 0, 0, 0);
        foreach (ref readonly Point point in points)
        {
            double u = point.X - mx;
            double v = point.Y - my;
            double square = u * u + v * v;
            uu += u * u;
            uv += u * v;
            vv += v * v;
            uq += u * square;
            vq += v * square;
            q += square;
        }
        double determinant = uu * vv - uv * uv;
        if (determinant <= 1e-9 * q * q)
        {
            return null;
        }
        double a = (uq * vv - vq * uv) / (2 * determinant);
        double b = (vq * uu - uq * uv) / (2 * determinant);
        double radius = Math.Sqrt(a * a + b * b + q / points.Length);
        var centre = new Point(mx + a, my + b);
        return new Circle(centre, radius, OffOf(points, centre, radius));
    }

    /// <summary>
    /// The circle to which the points are nearest: the sum of the squared distances to it is least (Gauss–Newton from the algebraic one).
    /// Null where the points lie on a line.
    /// </summary>
    internal static Circle? Nearest(ReadOnlySpan<Point> points)
    {
        if (Through(points) is not Circle circle)
        {
            return null;
        }
        for (int round = 0; round < MostRounds; round++)
        {
            if (circle.Nearer(points) is not Circle nearer || !(nearer.Off <= circle.Off + Settled))
            {
                break;
            }
            double moved = nearer.Centre.DistanceTo(circle.Centre);
            circle = nearer;
            if (moved < Settled)
            {
                break;
            }
        }
        return circle;
    }

    /// <summary>The circle about a known centre to which the points are nearest.</summary>
    internal static Circle About(Point centre, ReadOnlySpan<Point> points)
    {
        (double sum, double squares) = (0, 0);
        foreach (ref readonly Point point in points)
        {
            double distance = centre.DistanceTo(point);
            sum += distance;
            squares += distance * distance;
        }
        double radius = sum / points.Length;
        double off = squares / points.Length - radius * radius;
        return new Circle(centre, radius, Math.Sqrt(Math.Max(0, off)));
    }

    // One step: the distances to the circle are taken for linear in its centre and radius.
    private Circle? Nearer(ReadOnlySpan<Point> points)
    {
        (double c, double s, double cc, double cs, double ss) = (0, 0, 0, 0, 0);
        (double d, double cd, double sd) = (0, 0, 0);
        foreach (ref readonly Point point in points)
        {
            double distance = Centre.DistanceTo(point);
            if (distance < 1e-6)
            {
                return null;
            }
            double cos = (point.X - Centre.X) / distance;
            double sin = (point.Y - Centre.Y) / distance;
            c += cos;
            s += sin;
            cc += cos * cos;
            cs += cos * sin;
            ss += sin * sin;
            d += distance;
            cd += cos * distance;
            sd += sin * distance;
        }
        int n = points.Length;
        // The radius is what is left over: distance ≈ radius + cos·dx + sin·dy.
        double xx = cc - c * c / n;
        double xy = cs - c * s / n;
        double yy = ss - s * s / n;
        double xd = cd - c * d / n;
        double yd = sd - s * d / n;
        double determinant = xx * yy - xy * xy;
        if (determinant <= 1e-12 * n * n)
        {
            return null;
        }
        double dx = (xd * yy - yd * xy) / determinant;
        double dy = (yd * xx - xd * xy) / determinant;
        var centre = new Point(Centre.X + dx, Centre.Y + dy);
        double radius = (d - c * dx - s * dy) / n;
        return new Circle(centre, radius, OffOf(points, centre, radius));
    }

    private static double OffOf(ReadOnlySpan<Point> points, Point centre, double radius)
    {
        double off = 0;
        foreach (ref readonly Point point in points)
        {
            double beside = centre.DistanceTo(point) - radius;
            off += beside * beside / points.Length;
        }
        return Math.Sqrt(off);
    }
}
