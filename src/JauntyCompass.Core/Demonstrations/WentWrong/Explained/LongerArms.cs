using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Longer arms, or a bigger arc, taken for a bigger angle.</summary>
public sealed class LongerArms()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-longer-arms",
            "What went wrong? Longer arms taken for a larger angle"
        )
    )
{
    private const double Apart = 70;
    private const double ShortArm = 42;
    private const double LongArm = 95;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board)
    {
        string arm = board.Phrasing.Words.Arm;
        return new Explanation(
            "Someone said: the second angle is the larger one.",
            [$"the longer {arm}s were looked at", "the scale was wrong", "nothing is wrong"],
            0,
            $"Its {arm}s are longer. An angle is the opening, and the opening is the same.",
            $"Cover the ends of the {arm}s with a hand, or lay one angle on the other.",
            $"Both open by {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}."
        );
    }

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        Both(task, board, written: null);

    private protected override void Right(DemonstrationTask task, Storyboard board) =>
        Both(task, board, board.Phrasing.Degrees(task.Angle.Measure.Degrees));

    private static void Both(DemonstrationTask task, Storyboard board, string? written)
    {
        board.Put(new Figure(Id, Moved(task.Angle, -Apart, ShortArm)) { Written = written });
        board.Put(new Figure("second", Moved(task.Angle, Apart, LongArm)) { Written = written });
    }

    private static Angle Moved(Angle angle, double by, double length) =>
        angle with
        {
            Vertex = angle.Vertex with { X = angle.Vertex.X + by },
            StartLength = length,
            EndLength = length,
        };
}
