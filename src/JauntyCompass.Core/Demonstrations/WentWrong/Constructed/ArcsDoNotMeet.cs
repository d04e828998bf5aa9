using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>The arcs are too short to meet, and where they would was guessed.</summary>
public sealed class ArcsDoNotMeet()
    : ConstructionReplay("arcs-too-short", Text.Demonstrations.Explained.ArcsTooShort.Title)
{
    // How far before the crossing the arcs end, and how far off the guess is, in degrees.
    private const double Before = 14;
    private const double Guessed = 6;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.ArcsTooShort.Said,
            [
                Text.Demonstrations.Explained.ArcsTooShort.Guess1,
                Text.Demonstrations.Explained.ArcsTooShort.Guess2,
                Text.Demonstrations.Explained.ArcsTooShort.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.ArcsTooShort.Happened,
            Text.Demonstrations.Explained.ArcsTooShort.Remedy,
            Text.Demonstrations.Explained.ArcsTooShort.Right
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
        int sign = angle.Opening.Sign();
        Short("first", one, -sign);
        Short("second", other, sign);
        work.Join(
            "bisector",
            angle.Vertex,
            angle.Vertex.Towards(angle.Bisector.Turned(Guessed), angle.Vertex.DistanceTo(meeting))
        );
        work.PutAway();

        void Short(string id, Point needle, int side) =>
            work.ArcAt(
                id,
                needle,
                needle.Towards(Direction.Between(needle, meeting).Turned(side * Before), arcs),
                beyond: 8
            );
    }
}
