using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>The needle stood beside the crossing.</summary>
public sealed class NeedleBeside()
    : ConstructionReplay("needle-off", Text.Demonstrations.Explained.NeedleOff.Title)
{
    private const double Beside = 11;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.NeedleOff.Said,
            [
                Text.Demonstrations.Explained.NeedleOff.Guess1,
                Text.Demonstrations.Explained.NeedleOff.Guess2,
                Text.Demonstrations.Explained.NeedleOff.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.NeedleOff.Happened,
            Text.Demonstrations.Explained.NeedleOff.Remedy,
            Text.Demonstrations.Explained.NeedleOff.Right
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        Angle angle = OnSheet(task);
        CompassWork work = Across(task, board);
        (Point one, Point other) = (
            On(angle, WhichArm.Start),
            On(angle, WhichArm.End).Towards(angle.End, Beside)
        );
        double arcs = ArcsOf(angle);
        Point meeting = Meeting(angle, one, arcs, other, arcs);
        work.ArcAt("first", one, meeting);
        work.ArcAt("second", other, meeting);
        work.Join("bisector", angle.Vertex, meeting);
        work.PutAway();
    }
}
