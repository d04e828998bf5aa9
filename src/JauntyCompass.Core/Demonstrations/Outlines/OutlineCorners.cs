using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Outlines;

/// <summary>The angles of an outline: round it corner by corner, one kind after the other, each counted.</summary>
public sealed class OutlineCorners()
    : Demonstration(
        new DemonstrationFacts(
            "outlines",
            DemonstrationGroup.Words,
            "Angles in letters, signs and outlines",
            "Round an outline corner by corner: which kind is each, and how many are there?"
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
    private const string UsualOutline = "boathouse";

    private static readonly AngleKind[] Kinds =
    [
        AngleKind.Right,
        AngleKind.Acute,
        AngleKind.Obtuse,
    ];

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) =>
        Of(OutlineShapes.All.First(s => s.Name == UsualOutline), task.Rules);

    /// <summary>The script of an outline as an example of how an item is worked.</summary>
    internal static WorkedExample Example(OutlineShape shape, HouseRules rules) =>
        WorkedExample.Of(DemonstrationCatalogue.Find("outlines")!, Of(shape, rules), rules);

    private static Script Of(OutlineShape shape, HouseRules rules)
    {
        var board = new Storyboard(rules) { Sheet = new SheetState { Lines = Lines(shape) } };
        board.Step(
            "outline",
            "The outline",
            $"Here is the {shape.Name}. We go round it corner by corner and say the kind at each.",
            Question.Open("How many corners has it?")
        );
        foreach (AngleKind kind in Kinds)
        {
            int number = 0;
            foreach ((Point at, Direction into, double degrees) in shape.Corners)
            {
                if (OutlineShape.KindOf(degrees) == kind)
                {
                    string id = $"{Numbers.Adjective(kind)}-{++number}";
                    board.Write(
                        new Written(
                            id,
                            Numbers.Plain(number),
                            Large(at).Towards(into, InsideCorner)
                        )
                    );
                }
            }
            string name = Numbers.Adjective(kind);
            board.Step(
                name,
                MeasuringSteps.Capital(name),
                $"{MeasuringSteps.Capital(name)}: {Numbers.Compared(kind)}. {HowMany(number)}.",
                Question.Open($"How many {name} angles has it?")
            );
            board.Sheet = board.Sheet with { Notes = [] };
        }
        string all = string.Join(
            ", ",
            Kinds.Select(k => $"{Plain(shape.Count(k))} {Numbers.Adjective(k)}")
        );
        string alike = shape.HasTwoAcuteAlike ? " Two acute ones are alike." : "";
        board.Step(
            "together",
            "All together",
            $"The {shape.Name}: {all}.{alike} That is what a riddle asks about.",
            Question.Open("Who can make a riddle of it?")
        );
        return board.Script("outlines", MeasuringSteps.Capital(shape.Name), null);
    }

    private static string Plain(int count) => count == 0 ? "no" : Numbers.Plain(count);

    private static string HowMany(int count) =>
        count switch
        {
            0 => "There is none",
            1 => "There is one",
            _ => $"There are {Numbers.Plain(count)}",
        };

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
