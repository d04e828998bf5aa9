using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: the base ray was not drawn with the straightedge.</summary>
public sealed class FreehandBaseRay()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-freehand-base-ray",
            Text.Demonstrations.Explained.FreehandBaseRay.Title
        )
    )
{
    // How a hand wanders, in mm beside the line at equal distances along it.
    private static readonly double[] Wander = [0, 1.6, 2.2, 0.9, -1.3, -2.4, -1.1, 1.8];

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.FreehandBaseRay.Said,
            [
                Text.Demonstrations.Explained.FreehandBaseRay.Guess1,
                Text.Demonstrations.Explained.FreehandBaseRay.Guess2,
                Text.Demonstrations.Explained.FreehandBaseRay.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.FreehandBaseRay.Happened,
            Text.Demonstrations.Explained.FreehandBaseRay.Remedy,
            Text.Demonstrations.Explained.FreehandBaseRay.Right(task.Angle.Measure.Degrees)
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        Angle angle = Long(task);
        Direction across = angle.Start.Turned(90);
        Point At(int i) =>
            angle
                .Vertex.Towards(angle.Start, angle.StartLength * i / (Wander.Length - 1))
                .Towards(across, Wander[i]);
        for (int i = 1; i < Wander.Length; i++)
        {
            board.Rule(new DrawnLine($"base-{i}", At(i - 1), At(i)));
        }
        board.Rule(new DrawnLine("ray", angle.Vertex, angle.EndArm.Tip, Arrow: true));
    }
}
