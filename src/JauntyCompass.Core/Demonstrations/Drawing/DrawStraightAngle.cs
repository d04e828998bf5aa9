using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>Draw a straight angle: one line and a point on it, no protractor.</summary>
public sealed class DrawStraightAngle()
    : Demonstration(
        new DemonstrationFacts(
            "draw-straight",
            DemonstrationGroup.Drawing,
            "Draw a straight angle",
            "One line and a point on it: no protractor needed."
        )
        {
            UsualMeasure = 180,
            LeastMeasure = 180,
            MostMeasure = 180,
            WhyMeasure = "A straight angle has exactly 180°.",
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
            "One line",
            $"Draw one straight line with the {board.Phrasing.Words.Straightedge}.",
            Question.YesOrNo(
                $"We draw {board.Phrasing.Degrees(180)}. Do we need the protractor?",
                yes: false
            )
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
            "A point on it",
            $"A point {names.Vertex} anywhere on it is the vertex. Two {board.Phrasing.Words.Arm}s start there, opposite ways: {names.StartRay} and {names.EndRay}."
        );
        board.Change(
            Id,
            f =>
                f with
                {
                    VertexSpotlight = false,
                    Mark = OpeningMark.Arc,
                    Written = board.Phrasing.Degrees(180),
                }
        );
        board.Step(
            "label",
            "Label",
            $"Mark the arc on one side: {names.Full} = {board.Phrasing.Degrees(180)}, straight."
        );
        return board.Script(Key, Title, 180);
    }
}
