using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Figures;

/// <summary>
/// The angles of a figure with straight sides: the protractor is turned for each corner, and together they make a whole (Euclid I.32).
/// </summary>
/// <param name="facts">What the Board's list knows of it.</param>
/// <param name="whole">What they make together, in degrees.</param>
public abstract class PolygonAngles(DemonstrationFacts facts, double whole) : Demonstration(facts)
{
    // In mm: how far outside a corner its letter stands, and how far inside its measure.
    private const double LetterAway = 8;
    private const double WrittenInside = 22;

    // What the class may say that they make together, in degrees.
    private static readonly double[] Wholes = [90, 180, 360];

    private static readonly string[] Letters = ["A", "B", "C", "D"];

    /// <summary>Length of the longest side, in mm.</summary>
    private protected const double Longest = 130;

    /// <summary>
    /// The whole degrees at the corners, and the corners, anticlockwise.
    /// </summary>
    /// <param name="first">The angle at the first corner, in whole degrees.</param>
    private protected abstract (
        IReadOnlyList<double> Degrees,
        IReadOnlyList<Point> Points
    ) FigureWith(double first);

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsZero(task, errors);
        if (errors.None && CornersOf(task).Any(c => Laid(task, c) is null))
        {
            errors.Add("instrument", Text.Demonstrations.Problem.NoZeroForBoth);
        }
    }

    /// <summary>An angle of the figure, told from the side on which the figure lies to the left.</summary>
    private sealed record Corner(string Letter, Angle Angle, AngleNames Names);

    private Corner[] CornersOf(DemonstrationTask task)
    {
        (IReadOnlyList<double> degrees, IReadOnlyList<Point> figure) = FigureWith(
            Math.Round(task.Angle.Measure.Degrees, MidpointRounding.AwayFromZero)
        );
        IReadOnlyList<Point> points = Corners.Centred(figure);
        int count = points.Count;
        return
        [
            .. points.Select(
                (p, i) =>
                {
                    (int next, int before) = ((i + 1) % count, (i + count - 1) % count);
                    return new Corner(
                        Letters[i],
                        new Angle(
                            p,
                            Direction.Between(p, points[next]),
                            new Measure(degrees[i]),
                            TurnDirection.Anticlockwise,
                            p.DistanceTo(points[next]),
                            p.DistanceTo(points[before])
                        ),
                        new AngleNames(Letters[i], Letters[next], Letters[before])
                    );
                }
            ),
        ];
    }

    private static StandardPlacement? Laid(DemonstrationTask task, Corner corner) =>
        StandardPlacement.Of(corner.Angle, corner.Names, task.Instrument);

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Corner[] corners = CornersOf(task);
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
        double sum = corners.Sum(corner => Measure(board, task, corner));
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
                [.. Wholes.Select(Text.Units.Degrees)],
                Array.IndexOf(Wholes, whole)
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
