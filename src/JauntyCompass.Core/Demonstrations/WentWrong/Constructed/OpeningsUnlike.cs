using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>The arcs from the crossings were drawn with openings that have nothing to do with each other.</summary>
public sealed class OpeningsUnlike()
    : ConstructionReplay("unlike-openings", Text.Demonstrations.Explained.UnlikeOpenings.Title)
{
    private const double Less = 14;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.UnlikeOpenings.Said,
            [
                Text.Demonstrations.Explained.UnlikeOpenings.Guess1,
                Text.Demonstrations.Explained.UnlikeOpenings.Guess2,
                Text.Demonstrations.Explained.UnlikeOpenings.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.UnlikeOpenings.Happened,
            Text.Demonstrations.Explained.UnlikeOpenings.Remedy,
            Text.Demonstrations.Explained.UnlikeOpenings.Right
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        Angle angle = OnSheet(task);
        CompassWork work = Across(task, board);
        (Point one, Point other) = (On(angle, WhichArm.Start), On(angle, WhichArm.End));
        double arcs = ArcsOf(angle);
        Point meeting = Meeting(angle, one, arcs, other, arcs - Less);
        work.ArcAt("first", one, meeting);
        work.ArcAt("second", other, meeting);
        work.Join("bisector", angle.Vertex, meeting);
        work.PutAway();
    }
}
