using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Kind and number disagree: <i>acute, 128</i>. Either may be wrong, so both are looked at again.</summary>
public sealed class KindAgainstNumber()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-kind-against-number",
            "What went wrong? Kind and number disagree"
        ) with
        {
            MostMeasure = 80,
        }
    )
{
    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            $"Someone wrote: acute, {board.Phrasing.Degrees(Other(task))}.",
            ["kind and number disagree", "the degree sign is missing", "nothing is wrong"],
            0,
            $"Acute is less than {board.Phrasing.Degrees(90)}, and {board.Phrasing.Degrees(Other(task))} is more. Both cannot be right.",
            "Either may be wrong: look at the opening again, and at the scale again.",
            $"The kind was right. The other scale says {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}, and that is {Numbers.Adjective(task.Angle.Measure.Kind)}."
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task))
            {
                Names = task.Names,
                Written = $"acute, {board.Phrasing.Degrees(Other(task))}?",
            }
        );

    private static double Other(DemonstrationTask task) => 180 - task.Angle.Measure.Degrees;
}
