using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>A right angle not seen because it is tilted.</summary>
public sealed class TiltedRightAngle()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-tilted-right-angle",
            "What went wrong? A tilted right angle not seen"
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
            "Someone said: this one is acute.",
            ["it is tilted, and nobody turned the page", "the arms are too short", "it is acute"],
            0,
            "It is tilted. A right angle does not have to stand on a level line.",
            "Turn the page, or hold the corner of a sheet of paper to it: it fits.",
            $"A right angle, {board.Phrasing.Degrees(90)}, whichever way it lies."
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task).TurnedBy(Tilt))
            {
                Names = task.Names,
                Mark = OpeningMark.None,
                Written = "acute?",
            }
        );

    private protected override void Right(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task))
            {
                Names = task.Names,
                Mark = OpeningMark.Box,
                Written = board.Phrasing.Degrees(90),
            }
        );
}
