using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>The vertex is not in the middle of the name.</summary>
public sealed class VertexNotInTheMiddle()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-vertex-not-in-the-middle",
            "What went wrong? The vertex is not in the middle of the name"
        )
    )
{
    private const double NoteAside = 52;
    private const double NoteUp = 50;

    private protected override bool IsAboutMeasure => false;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board)
    {
        var names = task.Names;
        return new Explanation(
            $"Someone called this angle ∠{names.Vertex}{names.Start}{names.End}.",
            [
                "the vertex is not in the middle of the name",
                "a letter is missing",
                "the letters are in the wrong case",
            ],
            0,
            $"That would be an angle at {names.Start}. The arc stands at {names.Vertex}.",
            $"Put a finger on one {board.Phrasing.Words.Arm}, slide it over the vertex to the other, and say the letters as you pass them.",
            $"{names.Full}, or the other way round ∠{names.End}{names.Vertex}{names.Start}: the vertex in the middle."
        );
    }

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        board.Put(new Figure(Id, Long(task)) { Names = task.Names });
        Note(task, board, $"∠{task.Names.Vertex}{task.Names.Start}{task.Names.End}", crossed: true);
    }

    private protected override void Right(DemonstrationTask task, Storyboard board)
    {
        board.Put(new Figure(Id, Long(task)) { Names = task.Names });
        Note(task, board, task.Names.Full, crossed: false);
    }

    private static void Note(DemonstrationTask task, Storyboard board, string text, bool crossed) =>
        board.Write(
            new Written(
                "name",
                text,
                new Point(
                    task.Angle.Vertex.X
                        - Math.CopySign(NoteAside, task.Angle.Bisector.SinCos().Cos),
                    task.Angle.Vertex.Y + NoteUp
                ),
                crossed ? Ink.Marking : Ink.Pencil,
                crossed
            )
        );
}
