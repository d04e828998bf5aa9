using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: a blunt point and a thick dot; the line is wider than a degree.</summary>
public sealed class BluntPoint()
    : ExplainedReplay(
        ExplainedFacts("explained-blunt-point", Text.Demonstrations.Explained.BluntPoint.Title)
    )
{
    private const double OutsideRim = 1.5;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.BluntPoint.Said,
            [
                Text.Demonstrations.Explained.BluntPoint.Guess1,
                Text.Demonstrations.Explained.BluntPoint.Guess2,
                Text.Demonstrations.Explained.BluntPoint.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.BluntPoint.Happened,
            Text.Demonstrations.Explained.BluntPoint.Remedy,
            Text.Demonstrations.Explained.BluntPoint.Right(task.Angle.Measure.Degrees)
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        Angle angle = Long(task);
        board.Put(
            new Figure(Id, angle)
            {
                Names = task.Names,
                HasEnd = false,
                Mark = OpeningMark.None,
            }
        );
        board.Rule(new DrawnLine("ray", angle.Vertex, angle.EndArm.Tip, Blunt: true));
        board.Dot(
            new DrawnDot(
                "dot",
                angle.Vertex.Towards(angle.End, task.Instrument.EdgeRadius + OutsideRim),
                Blunt: true
            )
        );
    }
}
