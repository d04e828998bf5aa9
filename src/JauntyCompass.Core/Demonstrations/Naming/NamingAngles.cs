using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Naming;

/// <summary>Names by one letter and by three, names that are not allowed and why, several angles at one vertex.</summary>
public sealed class NamingAngles()
    : Demonstration(
        new DemonstrationFacts(
            "naming",
            DemonstrationGroup.Words,
            Text.Demonstrations.Naming.Title,
            Text.Demonstrations.Naming.Summary
        )
        {
            LeastMeasure = 20,
            MostMeasure = 170,
            WhyMeasure = Text.Demonstrations.Why.ThirdRay,
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
            Text.Demonstrations.Labels.ThreeLetters,
            Text.Demonstrations.Naming.ThreeLetters(
                Text.Units.AsWritten($"∠{s}{v}{e}"),
                Text.Units.AsWritten($"∠{e}{v}{s}")
            ),
            Question.Open(Text.Demonstrations.Naming.ThreeLettersQuestion)
        );
        Note(board, task.Angle, 1, $"∠{v}", allowed: true);
        board.Step(
            "one-letter",
            Text.Demonstrations.Labels.OneLetter,
            Text.Demonstrations.Naming.OneLetter(v, $"∠{v}"),
            Question.YesOrNo(Text.Demonstrations.Naming.OneLetterQuestion($"∠{v}"), yes: true)
        );
        Note(board, task.Angle, 2, $"∠{s}{v}", allowed: false);
        board.Step(
            "two-letters",
            Text.Demonstrations.Labels.TwoLetters,
            Text.Demonstrations.Naming.TwoLetters($"{s}{v}"),
            Question.YesOrNo(Text.Demonstrations.Naming.MayWeSay($"∠{s}{v}"), yes: false)
        );
        Note(board, task.Angle, 3, $"∠{v}{s}{e}", allowed: false);
        board.Step(
            "vertex-at-end",
            Text.Demonstrations.Labels.VertexOutside,
            Text.Demonstrations.Naming.VertexOutside($"∠{v}{s}{e}", s),
            Question.YesOrNo(Text.Demonstrations.Naming.MayWeSay($"∠{v}{s}{e}"), yes: false)
        );
        Several(board, task);
        board.Step(
            "ray",
            Text.Demonstrations.Labels.Rays,
            Text.Demonstrations.Naming.Rays($"{v}{s}", $"{s}{v}", $"∠{s}{v}{e}")
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
            Text.Demonstrations.Labels.Several,
            Text.Demonstrations.Naming.Several(
                $"∠{names.Vertex}",
                Text.Units.AsWritten($"∠{names.Start}{names.Vertex}{third}"),
                Text.Units.AsWritten($"∠{third}{names.Vertex}{names.End}"),
                names.Full
            ),
            Question.YesOrNo(
                Text.Demonstrations.Naming.SeveralQuestion(
                    $"{names.Vertex}{third}",
                    $"∠{names.Vertex}"
                ),
                yes: false
            )
        );
    }

    // The list stands on the side away from the opening.
    private static void Note(Storyboard board, Angle angle, int line, string text, bool allowed) =>
        board.Write(
            new Written(
                $"name-{line}",
                Text.Units.AsWritten(text),
                new Point(
                    angle.Vertex.X - Math.CopySign(60, angle.Bisector.SinCos().Cos),
                    angle.Vertex.Y + 58 - line * LineHeight
                ),
                allowed ? Ink.Pencil : Ink.Marking,
                Crossed: !allowed
            )
        );
}
