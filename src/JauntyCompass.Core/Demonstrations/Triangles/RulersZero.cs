using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Triangles;

/// <summary>
/// The zero of a ruler that does not lie at its end, and beside it the zero line of a protractor that is not its straight edge: two of a
/// family.
/// </summary>
public sealed class RulersZero()
    : Demonstration(
        new DemonstrationFacts(
            "rulers-zero",
            DemonstrationGroup.Triangles,
            Text.Demonstrations.Triangles.ZeroTitle,
            Text.Demonstrations.Triangles.ZeroSummary
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    // In mm: the line that is measured, above the protractor.
    private const double Length = 64;
    private static readonly Point From = new(-32, 66);

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        // As long as the sheet has room for.
        Ruler ruler = Ruler.School with
        {
            Length = 90,
        };
        var board = new Storyboard(task.Rules);
        Point to = From with { X = From.X + Length };
        board.Rule(new DrawnLine("line", From, to));
        board.Write(Letter("a", "A", From));
        board.Write(Letter("b", "B", to));
        board.Step(
            "line",
            Text.Demonstrations.Labels.TheLine,
            Text.Demonstrations.Triangles.ZeroLine
        );
        TriangleBoard.Lay(board, ruler, From with { X = From.X + ruler.Inset }, default);
        board.Step(
            "end",
            Text.Demonstrations.Labels.FromTheEnd,
            Text.Demonstrations.Triangles.ZeroFromTheEnd(ruler.FromItsEnd(Length)),
            Question.Open(Text.Demonstrations.Triangles.ZeroQuestion)
        );
        board.Step(
            "where",
            Text.Demonstrations.Labels.WhereIsZero,
            Text.Demonstrations.Triangles.ZeroWhere(ruler.Inset)
        );
        TriangleBoard.Lay(board, ruler, From, default);
        board.Step(
            "zero",
            Text.Demonstrations.Labels.FromZero,
            Text.Demonstrations.Triangles.ZeroFromZero(Length)
        );
        Protractor protractor = task.Instrument;
        var angle = new Angle(
            new Point(0, -40),
            default,
            new Measure(55),
            TurnDirection.Anticlockwise,
            88,
            88
        );
        board.Put(new Figure("figure", angle));
        board.Lay(
            new LaidInstrument("protractor", protractor.Id, WellLaid.Over(angle, protractor))
        );
        board.Step(
            "protractor",
            Text.Demonstrations.Labels.TheProtractor,
            protractor.Inset > 0
                ? Text.Demonstrations.Triangles.ZeroOfProtractor(protractor.Inset)
                : Text.Demonstrations.Triangles.ZeroAtTheEdge,
            Question.Open(Text.Demonstrations.Triangles.ZeroOfProtractorQuestion)
        );
        return board.Script(Key, Title, null, protractor);
    }

    private static Written Letter(string id, string letter, Point at) =>
        new(id, Text.Units.AsWritten(letter), at with { Y = at.Y + 8 });
}
