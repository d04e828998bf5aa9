using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>Names by one letter and by three, names that are not allowed and why, several angles at one vertex.</summary>
public sealed class NamingAngles()
    : Demonstration(
        new DemonstrationFacts(
            "naming",
            DemonstrationGroup.Words,
            "Naming angles",
            "One letter, three letters, names that are not allowed and why."
        )
        {
            LeastMeasure = 20,
            MostMeasure = 170,
            WhyMeasure = "A third ray must fit inside.",
        }
    )
{
    private const string Id = "angle";
    private const double LineHeight = 11;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        AngleNames names = task.Names;
        (string v, string s, string e) = (names.Vertex, names.Start, names.End);
        board.Put(new Figure(Id, task.Angle) { Names = names });
        Note(board, task.Angle, 0, $"∠{s}{v}{e} = ∠{e}{v}{s}", allowed: true);
        board.Step(
            "three-letters",
            "Three letters",
            $"Three letters, the vertex in the middle, either way round: ∠{s}{v}{e} or ∠{e}{v}{s}.",
            Question.Open("How do we say which angle we mean?")
        );
        Note(board, task.Angle, 1, $"∠{v}", allowed: true);
        board.Step(
            "one-letter",
            "One letter",
            $"One letter is enough while only one angle stands at {v}: ∠{v}.",
            Question.YesOrNo($"May we say just ∠{v}?", yes: true)
        );
        Note(board, task.Angle, 2, $"∠{s}{v}", allowed: false);
        board.Step(
            "two-letters",
            "Two letters",
            $"Never two letters: {s}{v} names a line, not an opening.",
            Question.YesOrNo($"May we say ∠{s}{v}?", yes: false)
        );
        Note(board, task.Angle, 3, $"∠{v}{s}{e}", allowed: false);
        board.Step(
            "vertex-at-end",
            "Vertex outside",
            $"Never the vertex at the end: ∠{v}{s}{e} would be an angle at {s}.",
            Question.YesOrNo($"May we say ∠{v}{s}{e}?", yes: false)
        );
        Several(board, task);
        board.Step(
            "ray",
            "Rays",
            $"A ray is named from its endpoint outward: ray {v}{s}, not ray {s}{v}. And m∠{s}{v}{e} is the measure, a number of degrees."
        );
        return board.Script(Key, Title, null);
    }

    private static void Several(Storyboard board, DemonstrationTask task)
    {
        AngleNames names = task.Names;
        string third = names.FreeLetter;
        double part = Math.Round(task.Angle.Measure.Degrees * 0.45);
        var inner = new Figure("part", task.Angle with { Measure = new Measure(part) })
        {
            Names = names with { End = third },
        };
        board.Put(inner);
        Note(board, task.Angle, 1, $"∠{names.Vertex}", allowed: false);
        board.Step(
            "several",
            "Several",
            $"Now three angles share the vertex, and ∠{names.Vertex} could be any of them. Only three letters tell: ∠{names.Start}{names.Vertex}{third}, ∠{third}{names.Vertex}{names.End}, ∠{names.Start}{names.Vertex}{names.End}.",
            Question.YesOrNo(
                $"A third ray {names.Vertex}{third}. Is ∠{names.Vertex} still a good name?",
                yes: false
            )
        );
    }

    // The list stands on the side away from the opening.
    private static void Note(Storyboard board, Angle angle, int line, string text, bool allowed) =>
        board.Write(
            new Written(
                $"name-{line}",
                text,
                new Point(
                    angle.Vertex.X - Math.CopySign(60, angle.Bisector.SinCos().Cos),
                    angle.Vertex.Y + 58 - line * LineHeight
                ),
                allowed ? Ink.Pencil : Ink.Marking,
                Crossed: !allowed
            )
        );
}
