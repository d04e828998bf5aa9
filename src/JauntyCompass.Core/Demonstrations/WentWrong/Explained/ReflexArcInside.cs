using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: a reflex angle drawn right with the arc inside; the drawing then shows the smaller one.</summary>
public sealed class ReflexArcInside()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-reflex-arc-inside",
            Text.Demonstrations.Explained.ReflexArcInside.Title
        ) with
        {
            UsualMeasure = 290,
            LeastMeasure = 190,
            MostMeasure = 350,
        }
    )
{
    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.ReflexArcInside.Said(task.Angle.Measure.Degrees),
            [
                Text.Demonstrations.Explained.ReflexArcInside.Guess1,
                Text.Demonstrations.Explained.ReflexArcInside.Guess2,
                Text.Demonstrations.Explained.ReflexArcInside.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.ReflexArcInside.Happened(
                task.Angle.Measure.Explement.Degrees
            ),
            Text.Demonstrations.Explained.ReflexArcInside.Remedy,
            Text.Demonstrations.Explained.ReflexArcInside.Right(task.Angle.Measure.Degrees)
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task).Smaller)
            {
                Names = task.Names,
                Written = Text.Units.DegreesQuestion(task.Angle.Measure.Degrees),
            }
        );
}
