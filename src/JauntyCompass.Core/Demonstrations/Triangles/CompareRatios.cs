using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>
/// The sides of two triangles measured with a ruler in the same order and unit, and their ratios compared: each with what half a
/// millimetre in either length leaves open.
/// </summary>
public sealed class CompareRatios()
    : Demonstration(
        new DemonstrationFacts(
            "compare-ratios",
            DemonstrationGroup.Triangles,
            Text.Demonstrations.Triangles.RatiosTitle,
            Text.Demonstrations.Triangles.RatiosSummary
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) =>
        // It is about its own triangles, not about the angle of the task.
        Of(
            TriangleSheet.SideBySide(
                Triangle.OfSides(56, 48, 40),
                Triangle.OfSides(60, 84, 72).Moved(20, mirrored: false, default)
            ),
            Ruler.School,
            task.Rules
        );

    /// <summary>How an item is worked.</summary>
    internal static WorkedExample Example(TrianglePair pair, Ruler ruler, HouseRules rules) =>
        WorkedExample.Of(
            DemonstrationCatalogue.Find("compare-ratios")!,
            Of(pair, ruler, rules),
            rules
        );

    private static Script Of(TrianglePair pair, Ruler ruler, HouseRules rules)
    {
        var board = new Storyboard(rules) { Sheet = TriangleSheet.Of(pair) };
        TriangleBoard.KeepTableInView(board);
        board.Step(
            "figure",
            Text.Demonstrations.Labels.TheFigure,
            Text.Demonstrations.Triangles.RatiosFigure
        );
        Steps(board, pair, ruler);
        return board.Script("compare-ratios", Text.Demonstrations.Triangles.RatiosTitle, null);
    }

    /// <summary>Measures corresponding sides, one pair after another, and compares the three ratios.</summary>
    internal static void Steps(Storyboard board, TrianglePair pair, Ruler ruler)
    {
        var ranges = new List<RatioRange>();
        for (int side = 0; side < Triangle.Count; side++)
        {
            int other = pair.Corresponding(side);
            double length = Math.Round(pair.First.Side(side));
            double larger = Math.Round(pair.Second.Side(other));
            string name = TrianglePair.SideName(second: false, side);
            string otherName = TrianglePair.SideName(second: true, other);
            TriangleBoard.Measure(board, ruler, pair.First, side);
            board.Step(
                "first",
                Text.Demonstrations.Labels.Measure,
                Text.Demonstrations.Triangles.RatiosMeasured(name, length)
            );
            TriangleBoard.Measure(board, ruler, pair.Second, other);
            var range = RatioRange.Of(larger, length);
            ranges.Add(range);
            TriangleBoard.Line(
                board,
                side,
                Text.Demonstrations.Triangles.RatiosLine(
                    otherName,
                    name,
                    range.Written.Least,
                    range.Written.Most
                )
            );
            board.Step(
                "ratio",
                Text.Demonstrations.Labels.Ratio,
                Text.Demonstrations.Triangles.RatiosRatio(
                    otherName,
                    larger,
                    Math.Round(larger / length, 2),
                    range.Written.Least,
                    range.Written.Most
                ),
                side == 0 ? Question.Open(Text.Demonstrations.Triangles.RatiosWhichSide) : null
            );
        }
        TriangleBoard.PutBack(board);
        board.Step(
            "compare",
            Text.Demonstrations.Labels.Compare,
            RatioRange.Agree(ranges)
                ? Text.Demonstrations.Triangles.RatiosAgree
                : Text.Demonstrations.Triangles.RatiosDiffer,
            Question.Open(Text.Demonstrations.Triangles.RatiosQuestion)
        );
        board.Step(
            "differences",
            Text.Demonstrations.Labels.NotDifferences,
            Text.Demonstrations.Triangles.RatiosNotDifferences
        );
    }
}
