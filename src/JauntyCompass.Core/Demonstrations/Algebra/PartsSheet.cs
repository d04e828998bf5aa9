using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Algebra;

/// <summary>Parts of an angle on the sheet, each with its expression in it.</summary>
/// <param name="Parts">The angles.</param>
/// <param name="Drawn">Their measures as they are drawn, in degrees; not those they have where the drawing is not to scale.</param>
/// <param name="Tilt">Direction of the first arm, in degrees anticlockwise from +x.</param>
/// <param name="EqualMarks">Whether equal angles carry equal marks.</param>
public sealed record PartsSheet(
    AngleParts Parts,
    IReadOnlyList<double> Drawn,
    double Tilt,
    bool EqualMarks
)
{
    // In mm: arms, how far a figure that fills half a turn at most is moved back so that it stands in the middle, letters.
    private const double Arm = 72;
    private const double MovedBack = 34;
    private const double LetterWidth = 3.4;
    private const double LetterHeight = 8;
    private const double ArcRadius = 13;

    // Two rays nearer to each other than this, in degrees, are one.
    private const double OneRay = 0.2;

    /// <summary>Parts as large as they are, the first arm level.</summary>
    public static PartsSheet ToScale(AngleParts parts) =>
        new(parts, [.. parts.Measures.Select(m => (double)m)], 0, EqualMarks: false);

    private double Whole => Parts.Figure == PartsFigure.Opposite ? 360 : Drawn.Sum();

    private Point Vertex =>
        Whole > 180
            ? default
            : new Point(0, 0).Towards(new Direction(Tilt + Whole / 2 + 180), MovedBack);

    /// <summary>The angle of a part, as it is drawn.</summary>
    /// <param name="index">Which part.</param>
    public Angle AngleOf(int index) =>
        new(
            Vertex,
            new Direction(
                Parts.Figure == PartsFigure.Opposite
                    ? Tilt + 180 * index
                    : Tilt + Drawn.Take(index).Sum()
            ),
            new Measure(Drawn[index]),
            TurnDirection.Anticlockwise,
            Arm,
            Arm
        );

    /// <summary>An expression as it stands in an angle: <c>(3x + 2)°</c>, <c>2x°</c>.</summary>
    public static string Written(LinearExpression expression) =>
        expression.HasX && !expression.Constant.IsZero ? $"({expression})°" : $"{expression}°";

    /// <summary>The sheet.</summary>
    public SheetState State()
    {
        var figures = new List<Figure>();
        var notes = new List<Written>();
        for (int i = 0; i < Drawn.Count; i++)
        {
            Angle angle = AngleOf(i);
            figures.Add(
                new Figure(Id(i), angle)
                {
                    Mark = EqualMarks ? OpeningMark.EqualArc : OpeningMark.Arc,
                    HasArms = false,
                }
            );
            string label = Written(Parts.Expressions[i]);
            notes.Add(
                new Written(Id(i), Text.Units.AsWritten(label), LabelAt(angle, label.Length))
            );
        }
        if (Parts.Figure == PartsFigure.RightAngle)
        {
            Angle whole = AngleOf(0) with { Measure = new Measure(Drawn.Sum()) };
            figures.Insert(
                0,
                new Figure("whole", whole) { Mark = OpeningMark.Box, HasArms = false }
            );
        }
        return new SheetState
        {
            Figures = figures,
            Lines = [.. Rays()],
            Notes = notes,
        };
    }

    internal static string Id(int index) => $"part-{index}";

    // Each arm once, though two parts share it.
    private IEnumerable<DrawnLine> Rays()
    {
        var directions = new List<Direction>();
        for (int i = 0; i < Drawn.Count; i++)
        {
            Angle angle = AngleOf(i);
            foreach (Direction way in (Direction[])[angle.Start, angle.End])
            {
                if (directions.TrueForAll(d => Math.Abs(d.ShorterTurnTo(way)) > OneRay))
                {
                    directions.Add(way);
                }
            }
        }
        return directions.Select(
            (way, i) => new DrawnLine($"ray-{i}", Vertex, Vertex.Towards(way, Arm), Arrow: true)
        );
    }

    // As near the vertex as the letters fit between the arms; beyond their tips where they fit nowhere.
    private static Point LabelAt(Angle angle, int letters)
    {
        double half = Math.Min(angle.Measure.Degrees, 170) / 2 * Math.PI / 180;
        double width = LetterWidth * letters;
        double way = angle.Bisector.Degrees * Math.PI / 180;
        // How far the letters reach towards the vertex from where their middle stands.
        double towards =
            width / 2 * Math.Abs(Math.Cos(way)) + LetterHeight / 2 * Math.Abs(Math.Sin(way));
        double between = width / 2 / Math.Tan(half) + LetterHeight / 2;
        double near = Math.Max(ArcRadius + towards + 4, between);
        double at = near <= Arm - LetterHeight ? near : Arm + LetterHeight + towards / 2;
        return angle.Vertex.Towards(angle.Bisector, at);
    }
}
