using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>The vertex is not in the middle of the name.</summary>
public sealed class VertexNotInTheMiddle()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-vertex-not-in-the-middle",
            Text.Demonstrations.Explained.VertexNotInTheMiddle.Title
        )
    )
{
    private const double NoteAside = 52;
    private const double NoteUp = 50;

    private protected override bool IsAboutMeasure => false;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board)
    {
        var names = task.Names;
        return new(
            Text.Demonstrations.Explained.VertexNotInTheMiddle.Said(
                $"∠{names.Vertex}{names.Start}{names.End}"
            ),
            [
                Text.Demonstrations.Explained.VertexNotInTheMiddle.Guess1,
                Text.Demonstrations.Explained.VertexNotInTheMiddle.Guess2,
                Text.Demonstrations.Explained.VertexNotInTheMiddle.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.VertexNotInTheMiddle.Happened(names.Start, names.Vertex),
            Text.Demonstrations.Explained.VertexNotInTheMiddle.Remedy,
            Text.Demonstrations.Explained.VertexNotInTheMiddle.Right(
                Text.Units.AsWritten(names.Full),
                Text.Units.AsWritten($"∠{names.End}{names.Vertex}{names.Start}")
            )
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
                Text.Units.AsWritten(text),
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
