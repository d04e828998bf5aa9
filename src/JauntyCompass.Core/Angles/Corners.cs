namespace JauntyCompass.Core.Angles;

/// <summary>Corners of figures with straight sides, in mm.</summary>
internal static class Corners
{
    /// <summary>
    /// The corners of a triangle by the sine rule, anticlockwise: the first at the origin, the second to the right of it.
    /// </summary>
    /// <param name="first">The angle at the first corner, in degrees.</param>
    /// <param name="second">The angle at the second corner, in degrees; both together less than 180.</param>
    /// <param name="longest">Length of the longest side, in mm.</param>
    internal static IReadOnlyList<Point> OfTriangle(double first, double second, double longest)
    {
        double third = 180 - first - second;
        double scale = longest / Math.Max(Math.Max(Sin(first), Sin(second)), Sin(third));
        return
        [
            default,
            new Point(scale * Sin(third), 0),
            default(Point).Towards(new Direction(first), scale * Sin(second)),
        ];
    }

    /// <summary>The same corners, moved so that the middle of the box round them is the origin.</summary>
    internal static IReadOnlyList<Point> Centred(IReadOnlyList<Point> corners)
    {
        double x = (corners.Min(p => p.X) + corners.Max(p => p.X)) / 2;
        double y = (corners.Min(p => p.Y) + corners.Max(p => p.Y)) / 2;
        return [.. corners.Select(p => new Point(p.X - x, p.Y - y))];
    }

    private static double Sin(double degrees) => Math.Sin(degrees * (Math.PI / 180));
}
