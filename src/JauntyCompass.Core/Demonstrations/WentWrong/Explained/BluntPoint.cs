using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: a blunt point and a thick dot; the line is wider than a degree.</summary>
public sealed class BluntPoint()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-blunt-point",
            "What went wrong? A blunt point and a thick dot, drawing"
        )
    )
{
    private const double OutsideRim = 1.5;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            "Measured again, this drawing shows one thing at one edge of the line and another at the other.",
            ["the pencil was blunt", "the protractor moved", "the ray is too short"],
            0,
            "The dot covers more than a degree, and the line is as wide as the dot.",
            "Sharpen first. The dot is only as large as the point; nobody needs to see it from afar.",
            $"A sharp point, a sharp line: {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}."
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
