using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>Draw a straight angle: one line and a point on it, no protractor.</summary>
public sealed class DrawStraightAngle()
    : Demonstration(
        new DemonstrationFacts(
            "draw-straight",
            DemonstrationGroup.Drawing,
            Text.Demonstrations.DrawStraight.Title,
            Text.Demonstrations.DrawStraight.Summary
        )
        {
            UsualMeasure = 180,
            LeastMeasure = 180,
            MostMeasure = 180,
            WhyMeasure = Text.Demonstrations.Why.Straight,
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Angle angle = task.Angle;
        var names = task.Names;
        board.Rule(new DrawnLine("line", angle.EndArm.Tip, angle.StartArm.Tip));
        board.Sheet = board.Sheet with
        {
            Straightedge = new LaidStraightedge(
                angle.EndArm.Tip,
                angle.Start,
                angle.StartLength + angle.EndLength + 10
            ),
        };
        board.Step(
            "line",
            Text.Demonstrations.Labels.OneLine,
            Text.Demonstrations.DrawStraight.Line,
            Question.YesOrNo(Text.Demonstrations.DrawStraight.LineQuestion(180), yes: false)
        );
        board.Sheet = new SheetState();
        board.Put(
            new Figure(Id, angle)
            {
                Names = names,
                Mark = OpeningMark.None,
                VertexSpotlight = true,
            }
        );
        board.Step(
            "vertex",
            Text.Demonstrations.Labels.APoint,
            Text.Demonstrations.DrawStraight.Vertex(names.Vertex, names.StartRay, names.EndRay)
        );
        board.Change(
            Id,
            f =>
                f with
                {
                    VertexSpotlight = false,
                    Mark = OpeningMark.Arc,
                    Written = Text.Units.Degrees(180),
                }
        );
        board.Step(
            "label",
            Text.Demonstrations.Labels.Label,
            Text.Demonstrations.DrawStraight.Label(names.Full, 180)
        );
        return board.Script(Key, Title, 180);
    }
}
