using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: the base ray was not drawn with the straightedge.</summary>
public sealed class FreehandBaseRay()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-freehand-base-ray",
            "What went wrong? A base ray drawn freehand, drawing"
        )
    )
{
    // How a hand wanders, in mm beside the line at equal distances along it.
    private static readonly double[] Wander = [0, 1.6, 2.2, 0.9, -1.3, -2.4, -1.1, 1.8];

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            "This angle cannot be measured again: every try gives another number.",
            ["the base ray is not straight", "the arc is missing", "the dot is too thick"],
            0,
            $"The base ray was drawn freehand. The {board.Phrasing.Words.ZeroLine} finds no line to lie on.",
            $"Take the {board.Phrasing.Words.Straightedge} for every ray, the first one too.",
            $"Straight rays, and everyone measures {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}."
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
