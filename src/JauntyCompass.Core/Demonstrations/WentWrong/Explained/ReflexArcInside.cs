using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: a reflex angle drawn right with the arc inside; the drawing then shows the smaller one.</summary>
public sealed class ReflexArcInside()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-reflex-arc-inside",
            "What went wrong? A reflex angle with the arc inside, drawing"
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
            $"The task was {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}. This was drawn.",
            ["the arc is inside", "the rays are wrong", "the other scale was used"],
            0,
            $"The rays are right. The arc is inside, so the drawing shows {board.Phrasing.Degrees(task.Angle.Measure.Explement.Degrees)}.",
            "Say the kind again: reflex. The arc goes round the outside.",
            $"The same rays, the arc outside: {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}."
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board) =>
        board.Put(
            new Figure(Id, Long(task).Smaller)
            {
                Names = task.Names,
                Written = $"{board.Phrasing.Degrees(task.Angle.Measure.Degrees)}?",
            }
        );
}
