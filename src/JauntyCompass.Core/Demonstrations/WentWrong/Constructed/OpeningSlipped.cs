using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Constructed;

/// <summary>The compass slipped between the two arcs from the crossings: they are no longer alike.</summary>
public sealed class OpeningSlipped()
    : ConstructionReplay("opening-changed", Text.Demonstrations.Explained.OpeningChanged.Title)
{
    private const double Slipped = 5;

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.OpeningChanged.Said,
            [
                Text.Demonstrations.Explained.OpeningChanged.Guess1,
                Text.Demonstrations.Explained.OpeningChanged.Guess2,
                Text.Demonstrations.Explained.OpeningChanged.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.OpeningChanged.Happened,
            Text.Demonstrations.Explained.OpeningChanged.Remedy,
            Text.Demonstrations.Explained.OpeningChanged.Right
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        Halved(task, board, slipped: -Slipped);
}
