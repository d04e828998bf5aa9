using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>The line was drawn to another crossing.</summary>
public sealed class JoinedToAnother()
    : ConstructionReplay("wrong-crossing", Text.Demonstrations.Explained.WrongCrossing.Title)
{
    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.WrongCrossing.Said,
            [
                Text.Demonstrations.Explained.WrongCrossing.Guess1,
                Text.Demonstrations.Explained.WrongCrossing.Guess2,
                Text.Demonstrations.Explained.WrongCrossing.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.WrongCrossing.Happened,
            Text.Demonstrations.Explained.WrongCrossing.Remedy,
            Text.Demonstrations.Explained.WrongCrossing.Right
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        Angle angle = OnSheet(task);
        CompassWork work = Across(task, board);
        (Point one, Point other) = (On(angle, WhichArm.Start), On(angle, WhichArm.End));
        double arcs = ArcsOf(angle);
        Point meeting = CompassWork.Crossing(
            one,
            arcs,
            other,
            arcs,
            angle.Vertex.Towards(angle.Bisector, 400)
        );
        Point wrong = CompassWork.Crossing(angle.Vertex, CompassWork.Opening, one, arcs, other);
        work.Arc("first", one, meeting, wrong, beyond: 12);
        work.ArcAt("second", other, meeting);
        work.Join("bisector", angle.Vertex, wrong);
        work.PutAway();
    }
}
