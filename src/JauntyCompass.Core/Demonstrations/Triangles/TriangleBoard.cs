using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>The angles of two triangles, and the corner of each in which nothing is written.</summary>
/// <param name="First">Angles of the first triangle in the order of its corners, in degrees.</param>
/// <param name="Hidden">The corner of the first triangle in which nothing is written.</param>
/// <param name="Second">Angles of the second triangle.</param>
/// <param name="OtherHidden">The corner of the second triangle in which nothing is written.</param>
internal sealed record AnglesOfTwo(
    IReadOnlyList<int> First,
    int Hidden,
    IReadOnlyList<int> Second,
    int OtherHidden
)
{
    internal IReadOnlyList<int> Of(bool second) => second ? Second : First;

    internal int HiddenOf(bool second) => second ? OtherHidden : Hidden;
}

/// <summary>What demonstrations with two triangles do on the sheet alike.</summary>
internal static class TriangleBoard
{
    // In mm: a table of lines beside the figure.
    private const double LinesAt = 132;
    private const double TopLine = 52;
    private const double LineHeight = 14;
    private const double LineWidth = 96;

    /// <summary>Keeps the place of the table in view.</summary>
    internal static void KeepTableInView(Storyboard board) =>
        board.KeepInView(new Point(LinesAt + LineWidth / 2, TopLine));

    /// <summary>Writes a line of the table.</summary>
    internal static void Line(Storyboard board, int line, Message text) =>
        board.Write(
            new Written($"line-{line}", text, new Point(LinesAt, TopLine - LineHeight * line))
        );

    /// <summary>Lays the ruler along a side, its zero at the corner where the side begins.</summary>
    internal static void Measure(Storyboard board, Ruler ruler, Triangle triangle, int side) =>
        Lay(
            board,
            ruler,
            triangle.Corners[side],
            Direction.Between(triangle.Corners[side], triangle.Corners[Triangle.Next(side)])
        );

    /// <summary>Lays the ruler with its zero at a point.</summary>
    internal static void Lay(Storyboard board, Ruler ruler, Point zero, Direction way) =>
        board.Sheet = board.Sheet with { Straightedge = LaidStraightedge.Of(ruler, zero, way) };

    /// <summary>Puts the ruler back.</summary>
    internal static void PutBack(Storyboard board) =>
        board.Sheet = board.Sheet with { Straightedge = null };
}
