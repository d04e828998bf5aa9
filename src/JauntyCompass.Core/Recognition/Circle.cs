using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>
/// The circle through inked points by algebraic least squares (Kåsa's method, from memory): good enough to tell an arc from a
/// corner.
/// </summary>
/// <param name="Centre">Its centre.</param>
/// <param name="Radius">Its radius, in mm.</param>
/// <param name="Off">How far the points lie off it, as a root mean square in mm.</param>
internal readonly record struct Circle(Point Centre, double Radius, double Off)
{
    /// <summary>The circle, or null where the points lie on a line.</summary>
    internal static Circle? Through(ReadOnlySpan<Inked> points)
    {
        (double mx, double my) = (0, 0);
        foreach (ref readonly Inked point in points)
        {
            mx += point.At.X / points.Length;
            my += point.At.Y / points.Length;
        }
        (double uu, double uv, double vv, double uq, double vq, double q) = (0, 0, 0, 0, 0, 0);
        foreach (ref readonly Inked point in points)
        {
            double u = point.At.X - mx;
            double v = point.At.Y - my;
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
        double off = 0;
        foreach (ref readonly Inked point in points)
        {
            double beside = centre.DistanceTo(point.At) - radius;
            off += beside * beside / points.Length;
        }
        return new Circle(centre, radius, Math.Sqrt(off));
    }
}
