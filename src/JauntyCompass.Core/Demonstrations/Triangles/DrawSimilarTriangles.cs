using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>Two triangles drawn with two equal angles on bases of unlike length, then measured: their sides have the same ratio.</summary>
public sealed class DrawSimilarTriangles()
    : Demonstration(
        new DemonstrationFacts(
            "draw-triangles",
            DemonstrationGroup.Triangles,
            Text.Demonstrations.Triangles.DrawTitle,
            Text.Demonstrations.Triangles.DrawSummary
        )
        {
            UsualMeasure = 50,
            LeastMeasure = 30,
            MostMeasure = 75,
            WhyMeasure = Text.Demonstrations.Why.FigureNeedsRoom,
        }
    )
{
    // In mm: the bases, the room between them, and how far a line runs on beyond its dot and beyond where it meets the other.
    private const double FirstBase = 56;
    private const double SecondBase = 84;
    private const double Gap = 34;
    private const double Beyond = 6;
    private const double AngleAtRight = 65;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        double left = task.Angle.Measure.Degrees;
        return Of(
            new TrianglePair(
                OnBase(left, FirstBase, -(FirstBase + Gap + SecondBase) / 2),
                OnBase(left, SecondBase, (FirstBase + Gap - SecondBase) / 2)
            )
            {
                ByLetters = true,
            },
            task.Instrument,
            Ruler.School,
            task.Rules
        );
    }

    private static Triangle OnBase(double left, double length, double at) =>
        Triangle.OnBase(
            new Point(at, 0),
            default,
            length,
            TurnDirection.Anticlockwise,
            left,
            AngleAtRight
        );

    /// <summary>How an item is worked.</summary>
    internal static WorkedExample Example(
        TrianglePair pair,
        Protractor protractor,
        Ruler ruler,
        HouseRules rules
    ) =>
        WorkedExample.Of(
            DemonstrationCatalogue.Find("draw-triangles")!,
            Of(pair, protractor, ruler, rules),
            rules
        );

    private static Script Of(
        TrianglePair pair,
        Protractor protractor,
        Ruler ruler,
        HouseRules rules
    )
    {
        var board = new Storyboard(rules) { Sheet = TriangleSheet.Bases(pair) };
        TriangleBoard.KeepTableInView(board);
        board.Step(
            "bases",
            Text.Demonstrations.Labels.Bases,
            Text.Demonstrations.Triangles.DrawBases(
                Math.Round(pair.First.Side(0)),
                Math.Round(pair.Second.Side(0))
            )
        );
        foreach (bool second in new[] { false, true })
        {
            DrawArms(board, pair, protractor, second);
            board.Write(TriangleSheet.Letter(second ? pair.Second : pair.First, second, 2));
            board.Step(
                "meet",
                Text.Demonstrations.Labels.TheyMeet,
                Text.Demonstrations.Triangles.DrawMeet(TrianglePair.Letter(second, 2))
            );
        }
        CompareRatios.Steps(board, pair, ruler);
        return board.Script(
            "draw-triangles",
            Text.Demonstrations.Triangles.DrawTitle,
            null,
            protractor
        );
    }

    private static void DrawArms(
        Storyboard board,
        TrianglePair pair,
        Protractor protractor,
        bool second
    )
    {
        Triangle triangle = second ? pair.Second : pair.First;
        foreach (int corner in new[] { 0, 1 })
        {
            Point at = triangle.Corners[corner];
            double measure = Math.Round(triangle.AngleAt(corner));
            Angle asked = triangle.At(corner, next: 1 - corner) with
            {
                Measure = new Measure(measure),
                EndLength = protractor.EdgeRadius,
            };
            board.Lay(
                new LaidInstrument("protractor", protractor.Id, WellLaid.Over(asked, protractor))
            );
            board.Dot(new DrawnDot(TriangleSheet.Id("dot", second, corner), asked.EndArm.Tip));
            board.Step(
                "angle",
                Text.Demonstrations.Labels.Dot,
                Text.Demonstrations.Triangles.DrawAngle(
                    TrianglePair.Letter(second, corner),
                    measure
                )
            );
            board.Lift("protractor");
            Point apex = triangle.Corners[2];
            board.Rule(
                new DrawnLine(
                    TriangleSheet.Id("side", second, corner == 0 ? 2 : 1),
                    at,
                    at.Towards(
                        Direction.Between(at, apex),
                        Math.Max(at.DistanceTo(apex), protractor.EdgeRadius) + Beyond
                    )
                )
            );
        }
    }
}
