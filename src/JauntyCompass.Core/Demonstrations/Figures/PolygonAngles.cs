using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Figures;

/// <summary>
/// The angles of a triangle or of a figure with four corners: the protractor is turned for each, and together they make 180 or 360 degrees
/// (Euclid I.32).
/// </summary>
public sealed class PolygonAngles : Demonstration
{
    // In mm: the longest side; how far outside a corner its letter stands, and how far inside its measure.
    private const double Longest = 130;
    private const double LetterAway = 8;
    private const double WrittenInside = 22;

    private static readonly string[] Letters = ["A", "B", "C", "D"];

    private readonly bool _triangle;

    private PolygonAngles(bool triangle)
        : base(
            new DemonstrationFacts(
                triangle ? "triangle-angles" : "figure-angles",
                DemonstrationGroup.Measuring,
                triangle
                    ? Text.Demonstrations.Polygon.TriangleTitle
                    : Text.Demonstrations.Polygon.FigureTitle,
                triangle
                    ? Text.Demonstrations.Polygon.TriangleSummary
                    : Text.Demonstrations.Polygon.FigureSummary
            )
            {
                UsualMeasure = triangle ? 64 : 72,
                LeastMeasure = 25,
                MostMeasure = triangle ? 110 : 100,
                WhyMeasure = Text.Demonstrations.Why.FigureNeedsRoom,
            }
        ) => _triangle = triangle;

    /// <summary>The three angles of a triangle.</summary>
    public static PolygonAngles OfTriangle { get; } = new(triangle: true);

    /// <summary>The four angles of a figure with four corners.</summary>
    public static PolygonAngles OfFourCorners { get; } = new(triangle: false);

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsZero(task, errors);
        if (errors.None && Corners(task).Any(c => Laid(task, c) is null))
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZeroForBoth);
        }
    }

    /// <summary>An angle of the figure, told from the side on which the figure lies to the left.</summary>
    private sealed record Corner(string Letter, Angle Angle, AngleNames Names);

    // Whole degrees at every corner, so that the sum comes out: the first corner is the asked one.
    private static double[] Degrees(double first, bool triangle)
    {
        first = Math.Round(first, MidpointRounding.AwayFromZero);
        if (triangle)
        {
            double second = Math.Round((180 - first) * 0.44);
            return [first, second, 180 - first - second];
        }
        double third = Math.Round((360 - first) * 0.29);
        double next = Math.Round((360 - first - third) * 0.48);
        return [first, next, third, 360 - first - next - third];
    }

    private Corner[] Corners(DemonstrationTask task)
    {
        double[] degrees = Degrees(task.Angle.Measure.Degrees, _triangle);
        Point[] points = _triangle ? Triangle(degrees) : FourCorners(degrees);
        int count = points.Length;
        return
        [
            .. points.Select(
                (p, i) =>
                {
                    (Point next, Point before) = (
                        points[(i + 1) % count],
                        points[(i + count - 1) % count]
                    );
                    return new Corner(
                        Letters[i],
                        new Angle(
                            p,
                            Direction.Between(p, next),
                            new Measure(degrees[i]),
                            TurnDirection.Anticlockwise,
                            p.DistanceTo(next),
                            p.DistanceTo(before)
                        ),
                        new AngleNames(
                            Letters[i],
                            Letters[(i + 1) % count],
                            Letters[(i + count - 1) % count]
                        )
                    );
                }
            ),
        ];
    }

    // By the sine rule.
    private static Point[] Triangle(double[] degrees)
    {
        double scale = Longest / degrees.Max(Sin);
        return Centred([
            default,
            new Point(scale * Sin(degrees[2]), 0),
            default(Point).Towards(new Direction(degrees[0]), scale * Sin(degrees[1])),
        ]);
    }

    // One side is given, the next is the one with which no side becomes short; the other two meet where their directions say.
    private static Point[] FourCorners(double[] degrees)
    {
        Point[] best =
        [
            .. Enumerable
                .Range(4, 40)
                .Select(i => WithSide(degrees, 5 * i))
                .OfType<Point[]>()
                .MaxBy(corners => Sides(corners).Min() / Sides(corners).Max())!,
        ];
        double scale = Longest / Sides(best).Max();
        return Centred([.. best.Select(p => new Point(p.X * scale, p.Y * scale))]);
    }

    private static IEnumerable<double> Sides(Point[] corners) =>
        corners.Select((p, i) => p.DistanceTo(corners[(i + 1) % corners.Length]));

    private static Point[]? WithSide(double[] degrees, double side)
    {
        const double Base = 100;
        var second = new Point(Base, 0);
        Point third = second.Towards(new Direction(180 - degrees[1]), side);
        // Along the line from the first corner, and back along the one from the third.
        Direction fromFirst = new(degrees[0]);
        Direction fromThird = new(360 - degrees[1] - degrees[2]);
        double across = Sin(fromThird.Degrees - fromFirst.Degrees);
        double first =
            ((third.X * Sin(fromThird.Degrees)) - (third.Y * Cos(fromThird.Degrees))) / across;
        double last =
            ((third.X * Sin(fromFirst.Degrees)) - (third.Y * Cos(fromFirst.Degrees))) / across;
        return first > 0 && last > 0
            ? [default, second, third, default(Point).Towards(fromFirst, first)]
            : null;
    }

    private static double Sin(double degrees) => Math.Sin(degrees * (Math.PI / 180));

    private static double Cos(double degrees) => Math.Cos(degrees * (Math.PI / 180));

    private static Point[] Centred(Point[] corners)
    {
        double x = (corners.Min(p => p.X) + corners.Max(p => p.X)) / 2;
        double y = (corners.Min(p => p.Y) + corners.Max(p => p.Y)) / 2;
        return [.. corners.Select(p => new Point(p.X - x, p.Y - y))];
    }

    private static StandardPlacement? Laid(DemonstrationTask task, Corner corner) =>
        StandardPlacement.Of(corner.Angle, corner.Names, task.Instrument);

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Corner[] corners = Corners(task);
        double whole = _triangle ? 180 : 360;
        foreach ((Corner corner, int i) in corners.Select((c, i) => (c, i)))
        {
            Point next = corners[(i + 1) % corners.Length].Angle.Vertex;
            board.Rule(new DrawnLine($"side-{i}", corner.Angle.Vertex, next));
            board.Write(
                new Written(
                    $"letter-{corner.Letter}",
                    Text.Units.AsWritten(corner.Letter),
                    corner.Angle.Vertex.Towards(corner.Angle.Bisector.Opposite, LetterAway)
                )
            );
        }
        board.Step(
            "figure",
            Text.Demonstrations.Labels.TheFigure,
            Text.Demonstrations.Polygon.Look(corners.Length),
            Question.Open(Text.Demonstrations.Polygon.LookQuestion(whole))
        );
        double sum = 0;
        foreach (Corner corner in corners)
        {
            double reading = Measure(board, task, corner);
            sum += reading;
        }
        board.Step(
            "sum",
            Text.Demonstrations.Labels.Together,
            Text.Demonstrations.Polygon.Sum(
                string.Join(
                    " + ",
                    corners.Select(c =>
                        c.Angle.Measure.Degrees.ToString("0.#", CultureInfo.InvariantCulture)
                    )
                ),
                sum
            ),
            new Question(
                Text.Demonstrations.Polygon.SumQuestion,
                [Text.Units.Degrees(90), Text.Units.Degrees(180), Text.Units.Degrees(360)],
                _triangle ? 1 : 2
            )
        );
        return board.Script(Key, Title, null, task.Instrument);
    }

    // Turned for each corner: centre mark, zero line, count, written down.
    private static double Measure(Storyboard board, DemonstrationTask task, Corner corner)
    {
        string id = $"angle-{corner.Letter}";
        StandardPlacement laying = Laid(task, corner)!;
        board.Put(new Figure(id, corner.Angle) { Mark = OpeningMarks.Of(corner.Angle) });
        var steps = new MeasuringSteps(board, id, laying);
        steps.LayReady();
        board.Sheet = board.Sheet with { Lens = null };
        steps.Thread(0, laying.Reading);
        board.Step(
            "corner",
            Text.Demonstrations.Labels.AtCorner(corner.Letter),
            Text.Demonstrations.Polygon.Corner(
                corner.Letter,
                laying.Names.StartRay,
                laying.Rounded
            ),
            Question.Open(Text.Demonstrations.Polygon.CornerQuestion(corner.Letter))
        );
        // What was read stays written in its corner; the sides are plain lines again.
        board.Lift(id);
        board.Sheet = board.Sheet with
        {
            Figures = [.. board.Sheet.Figures.Where(f => f.Id != id)],
        };
        board.Write(
            new Written(
                id,
                Text.Units.Degrees(laying.Rounded),
                corner.Angle.Vertex.Towards(corner.Angle.Bisector, WrittenInside)
            )
        );
        return laying.Rounded;
    }
}
