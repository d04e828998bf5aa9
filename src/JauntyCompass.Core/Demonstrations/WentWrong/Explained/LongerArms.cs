using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Longer arms, or a bigger arc, taken for a bigger angle.</summary>
public sealed class LongerArms()
    : ExplainedReplay(
        ExplainedFacts("explained-longer-arms", Text.Demonstrations.Explained.LongerArms.Title)
    )
{
    private const double Apart = 70;
    private const double ShortArm = 42;
    private const double LongArm = 95;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board)
    {
        return new(
            Text.Demonstrations.Explained.LongerArms.Said,
            [
                Text.Demonstrations.Explained.LongerArms.Guess1,
                Text.Demonstrations.Explained.LongerArms.Guess2,
                Text.Demonstrations.Explained.NothingWrong,
            ],
            0,
            Text.Demonstrations.Explained.LongerArms.Happened,
            Text.Demonstrations.Explained.LongerArms.Remedy,
            Text.Demonstrations.Explained.LongerArms.Right(task.Angle.Measure.Degrees)
        );
    }

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        Both(task, board, written: null);

    private protected override void Right(DemonstrationTask task, Storyboard board) =>
        Both(task, board, Text.Units.Degrees(task.Angle.Measure.Degrees));

    private static void Both(DemonstrationTask task, Storyboard board, Message? written)
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
