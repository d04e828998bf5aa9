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

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        Halved(task, board, slipped: -Less);
}
