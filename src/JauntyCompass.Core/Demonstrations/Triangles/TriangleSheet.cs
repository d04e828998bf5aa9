using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>Two triangles as they stand on the sheet, side by side with their letters.</summary>
public static class TriangleSheet
{
    // In mm: between the triangles, from a corner to its letter, and from a corner to what is written inside it.
    private const double Gap = 26;
    private const double LetterAt = 7;
    private const double WrittenAt = 17;

    /// <summary>Lays two triangles side by side, the two together in the middle of the sheet.</summary>
    /// <param name="first">The first triangle, turned as it shall lie.</param>
    /// <param name="second">The second triangle.</param>
    public static TrianglePair SideBySide(Triangle first, Triangle second)
    {
        (double one, double other) = (WidthOf(first), WidthOf(second));
        double left = -(one + Gap + other) / 2;
        return new TrianglePair(
            first.Moved(0, mirrored: false, new Point(left + one / 2, 0)),
            second.Moved(0, mirrored: false, new Point(left + one + Gap + other / 2, 0))
        );
    }

    private static double WidthOf(Triangle triangle) =>
        triangle.Corners.Max(p => p.X) - triangle.Corners.Min(p => p.X);

    /// <summary>The sheet: sides and letters.</summary>
    public static SheetState Of(TrianglePair pair) =>
        new()
        {
            Lines = [.. Sides(pair.First, second: false), .. Sides(pair.Second, second: true)],
            Notes = [.. Letters(pair.First, second: false), .. Letters(pair.Second, second: true)],
        };

    /// <summary>One triangle alone.</summary>
    public static SheetState Of(Triangle triangle) =>
        new()
        {
            Lines = [.. Sides(triangle, second: false)],
            Notes = [.. Letters(triangle, second: false)],
        };

    /// <summary>Something written in a corner.</summary>
    /// <param name="id">Unique on the sheet.</param>
    /// <param name="triangle">The triangle.</param>
    /// <param name="corner">Which corner, from 0.</param>
    /// <param name="text">What is written.</param>
    public static Written InCorner(string id, Triangle triangle, int corner, Message text) =>
        new(
            id,
            text,
            triangle
                .Corners[corner]
                .Towards(
                    Direction.Between(triangle.Corners[corner], MiddleOf(triangle)),
                    Math.Min(
                        WrittenAt * Math.Max(1, 45 / triangle.AngleAt(corner)),
                        triangle.Corners[corner].DistanceTo(MiddleOf(triangle))
                    )
                )
        );

    private static IEnumerable<DrawnLine> Sides(Triangle triangle, bool second) =>
        triangle.Corners.Select(
            (p, i) => new DrawnLine(Id("side", second, i), p, triangle.Corners[Triangle.Next(i)])
        );

    private static IEnumerable<Written> Letters(Triangle triangle, bool second) =>
        triangle.Corners.Select(
            (p, i) =>
                new Written(
                    Id("corner", second, i),
                    Text.Units.AsWritten(TrianglePair.Letter(second, i)),
                    p.Towards(Direction.Between(MiddleOf(triangle), p), LetterAt)
                )
        );

    internal static string Id(string what, bool second, int index) =>
        $"{what}-{(second ? 2 : 1)}-{index}";

    private static Point MiddleOf(Triangle triangle) =>
        new(triangle.Corners.Average(p => p.X), triangle.Corners.Average(p => p.Y));
}
