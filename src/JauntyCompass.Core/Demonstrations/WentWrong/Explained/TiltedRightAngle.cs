using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>A right angle not seen because it is tilted.</summary>
public sealed class TiltedRightAngle()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-tilted-right-angle",
            Text.Demonstrations.Explained.TiltedRightAngle.Title
        ) with
        {
            UsualMeasure = 90,
            LeastMeasure = 90,
            MostMeasure = 90,
        }
    )
{
    private const double Tilt = 38;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.TiltedRightAngle.Said,
            [
                Text.Demonstrations.Explained.TiltedRightAngle.Guess1,
                Text.Demonstrations.Explained.TiltedRightAngle.Guess2,
                Text.Demonstrations.Explained.TiltedRightAngle.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.TiltedRightAngle.Happened,
            Text.Demonstrations.Explained.TiltedRightAngle.Remedy,
            Text.Demonstrations.Explained.TiltedRightAngle.Right(90)
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task).TurnedBy(Tilt))
            {
                Names = task.Names,
                Mark = OpeningMark.None,
                Written = Text.Angles.AdjectiveQuestion(AngleKind.Acute),
            }
        );

    private protected override void Right(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task))
            {
                Names = task.Names,
                Mark = OpeningMark.Box,
                Written = Text.Units.Degrees(90),
            }
        );
}
