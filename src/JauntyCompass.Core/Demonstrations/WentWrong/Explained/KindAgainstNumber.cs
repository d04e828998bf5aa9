using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Kind and number disagree: <i>acute, 128</i>. Either may be wrong, so both are looked at again.</summary>
public sealed class KindAgainstNumber()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-kind-against-number",
            Text.Demonstrations.Explained.KindAgainstNumber.Title
        ) with
        {
            MostMeasure = 80,
        }
    )
{
    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.KindAgainstNumber.Said(Other(task)),
            [
                Text.Demonstrations.Explained.KindAgainstNumber.Guess1,
                Text.Demonstrations.Explained.KindAgainstNumber.Guess2,
                Text.Demonstrations.Explained.NothingWrong,
            ],
            0,
            Text.Demonstrations.Explained.KindAgainstNumber.Happened(90, Other(task)),
            Text.Demonstrations.Explained.KindAgainstNumber.Remedy,
            Text.Demonstrations.Explained.KindAgainstNumber.Right(task.Angle.Measure.Degrees)
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task))
            {
                Names = task.Names,
                Written = Text.Demonstrations.Explained.KindAgainstNumber.Written(Other(task)),
            }
        );

    private static double Other(DemonstrationTask task) => 180 - task.Angle.Measure.Degrees;
}
