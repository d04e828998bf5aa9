using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Outlines;

/// <summary>The angles of an outline: round it corner by corner, one kind after the other, each counted.</summary>
public sealed class OutlineCorners()
    : Demonstration(
        new DemonstrationFacts(
            "outlines",
            DemonstrationGroup.Words,
            Text.Demonstrations.Outlines.Title,
            Text.Demonstrations.Outlines.Summary
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    // An outline is about 60 mm high; the back row wants more.
    private const double Larger = 1.5;
    private const double InsideCorner = 9;

    private static readonly AngleKind[] Kinds =
    [
        AngleKind.Right,
        AngleKind.Acute,
        AngleKind.Obtuse,
    ];

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) => Of(OutlineShapes.Boathouse, task.Rules);

    /// <summary>The script of an outline as an example of how an item is worked.</summary>
    internal static WorkedExample Example(OutlineShape shape, HouseRules rules) =>
        WorkedExample.Of(DemonstrationCatalogue.Find("outlines")!, Of(shape, rules), rules);

    private static Script Of(OutlineShape shape, HouseRules rules)
    {
        var board = new Storyboard(rules) { Sheet = new SheetState { Lines = Lines(shape) } };
        board.Step(
            "outline",
            Text.Demonstrations.Labels.Outline,
            Text.Demonstrations.Outlines.Here(shape.Name),
            Question.Open(Text.Demonstrations.Outlines.HereQuestion)
        );
        foreach (AngleKind kind in Kinds)
        {
            int number = 0;
            foreach ((Point at, Direction into, double degrees) in shape.Corners)
            {
                if (OutlineShape.KindOf(degrees) == kind)
                {
                    string id = $"{KeyOf(kind)}-{++number}";
                    board.Write(
                        new Written(
                            id,
                            Text.Units.Number(number),
                            Large(at).Towards(into, InsideCorner)
                        )
                    );
                }
            }
            board.Step(
                KeyOf(kind),
                Text.Demonstrations.Labels.OfKind(kind),
                Text.Demonstrations.Outlines.OfKind(kind, number),
                Question.Open(Text.Demonstrations.Outlines.OfKindQuestion(kind))
            );
            board.Sheet = board.Sheet with { Notes = [] };
        }
        Message[] has =
        [
            Text.Kinds.Outline.HasRight(shape.Count(AngleKind.Right)),
            Text.Kinds.Outline.HasAcute(shape.Count(AngleKind.Acute)),
            Text.Kinds.Outline.HasObtuse(shape.Count(AngleKind.Obtuse)),
            .. shape.HasTwoAcuteAlike ? [Text.Kinds.Outline.HasAcuteAlike] : Array.Empty<Message>(),
        ];
        board.Step(
            "together",
            Text.Demonstrations.Labels.AllTogether,
            Text.Demonstrations.Outlines.Together(shape.Name, has),
            Question.Open(Text.Demonstrations.Outlines.TogetherQuestion)
        );
        return board.Script("outlines", shape.Name, null);
    }

    private static string KeyOf(AngleKind kind) => kind.ToString().ToLowerInvariant();

    private static Point Large(Point point) => new(point.X * Larger, point.Y * Larger);

    private static List<DrawnLine> Lines(OutlineShape shape)
    {
        var lines = new List<DrawnLine>();
        foreach (IReadOnlyList<Point> stroke in shape.Strokes)
        {
            for (int i = 1; i < stroke.Count; i++)
            {
                lines.Add(
                    new DrawnLine($"side-{lines.Count}", Large(stroke[i - 1]), Large(stroke[i]))
                );
            }
        }
        return lines;
    }
}
