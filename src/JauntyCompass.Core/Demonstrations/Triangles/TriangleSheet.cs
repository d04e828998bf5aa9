using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>Two triangles as they stand on the sheet, side by side with their letters.</summary>
public static class TriangleSheet
{
    // In mm: between the triangles, from a corner to its letter, beside all of it, and what is written in a corner.
    private const double Gap = 26;
    private const double LetterAt = 7;
    private const double Room = 24;
    private const double WrittenWidth = 12;
    private const double WrittenHeight = 6;

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

    /// <summary>The first side of each, with the letters at its ends: what triangles are drawn on.</summary>
    public static SheetState Bases(TrianglePair pair) =>
        new()
        {
            Lines = [Side(pair.First, second: false, 0), Side(pair.Second, second: true, 0)],
            Notes =
            [
                Letter(pair.First, second: false, 0),
                Letter(pair.First, second: false, 1),
                Letter(pair.Second, second: true, 0),
                Letter(pair.Second, second: true, 1),
            ],
        };

    /// <summary>One triangle alone.</summary>
    public static SheetState Of(Triangle triangle) =>
        new()
        {
            Lines = [.. Sides(triangle, second: false)],
            Notes = [.. Letters(triangle, second: false)],
        };

    /// <summary>Something written in a corner, where it fits between the sides.</summary>
    /// <param name="id">Unique on the sheet.</param>
    /// <param name="triangle">The triangle.</param>
    /// <param name="corner">Which corner, from 0.</param>
    /// <param name="text">What is written.</param>
    public static Written InCorner(string id, Triangle triangle, int corner, Message text)
    {
        Point at = triangle.Corners[corner];
        Direction next = Direction.Between(at, triangle.Corners[Triangle.Next(corner)]);
        Direction before = Direction.Between(at, triangle.Corners[Triangle.Before(corner)]);
        Direction middle = next.Turned(next.ShorterTurnTo(before) / 2);
        // What is as wide as these letters reaches farther across the narrower the angle is.
        double half = triangle.AngleAt(corner) / 2 * Math.PI / 180;
        double way = middle.Degrees * Math.PI / 180;
        double across =
            WrittenWidth / 2 * Math.Abs(Math.Sin(way))
            + WrittenHeight / 2 * Math.Abs(Math.Cos(way));
        double along =
            WrittenWidth / 2 * Math.Abs(Math.Cos(way))
            + WrittenHeight / 2 * Math.Abs(Math.Sin(way));
        return new(id, text, at.Towards(middle, across / Math.Tan(half) + along));
    }

    /// <summary>The window for two triangles: the usual one, or as much nearer as leaves room for letters and for a hand.</summary>
    /// <param name="pair">The triangles.</param>
    /// <param name="usual">The usual window, its middle at the origin.</param>
    public static SheetWindow WindowFor(TrianglePair pair, SheetWindow usual)
    {
        Point[] corners = [.. pair.First.Corners, .. pair.Second.Corners];
        double half = corners.Max(p => Math.Abs(p.X)) + Room;
        double high = corners.Max(p => Math.Abs(p.Y)) + Room;
        double nearer = Math.Min(1, Math.Max(2 * half / usual.Width, 2 * high / usual.Height));
        return new SheetWindow(
            usual.Left * nearer,
            usual.Bottom * nearer,
            usual.Width * nearer,
            usual.Height * nearer
        );
    }

    private static IEnumerable<DrawnLine> Sides(Triangle triangle, bool second) =>
        Enumerable.Range(0, Triangle.Count).Select(side => Side(triangle, second, side));

    private static DrawnLine Side(Triangle triangle, bool second, int side) =>
        new(
            Id("side", second, side),
            triangle.Corners[side],
            triangle.Corners[Triangle.Next(side)]
        );

    private static IEnumerable<Written> Letters(Triangle triangle, bool second) =>
        Enumerable.Range(0, Triangle.Count).Select(corner => Letter(triangle, second, corner));

    internal static Written Letter(Triangle triangle, bool second, int corner) =>
        new(
            Id("corner", second, corner),
            Text.Units.AsWritten(TrianglePair.Letter(second, corner)),
            triangle
                .Corners[corner]
                .Towards(Direction.Between(MiddleOf(triangle), triangle.Corners[corner]), LetterAt)
        );

    internal static string Id(string what, bool second, int index) =>
        $"{what}-{(second ? 2 : 1)}-{index}";

    private static Point MiddleOf(Triangle triangle) =>
        new(triangle.Corners.Average(p => p.X), triangle.Corners.Average(p => p.Y));
}
