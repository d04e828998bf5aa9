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

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        Halved(task, board, beside: Beside);
}
