using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Constructing;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>No compass was used: the line was drawn with the protractor.</summary>
public sealed class CopiedWithProtractor()
    : ConstructionReplay("no-arcs", Text.Demonstrations.Explained.NoArcs.Title)
{
    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.NoArcs.Said,
            [
                Text.Demonstrations.Explained.NoArcs.Guess1,
                Text.Demonstrations.Explained.NoArcs.Guess2,
                Text.Demonstrations.Explained.NoArcs.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.NoArcs.Happened,
            Text.Demonstrations.Explained.NoArcs.Remedy,
            Text.Demonstrations.Explained.NoArcs.Right
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        Angle angle = OnSheet(task);
        board.Put(new Figure(Id, angle) { Names = task.Names, Mark = OpeningMark.None });
        var work = new CompassWork(board);
        work.Join("bisector", angle.Vertex, angle.Vertex.Towards(angle.Bisector.Turned(1), 80));
        work.PutAway();
    }
}
