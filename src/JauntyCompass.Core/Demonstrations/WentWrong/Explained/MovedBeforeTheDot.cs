using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: the protractor moved before the dot was made.</summary>
public sealed class MovedBeforeTheDot()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-moved-before-the-dot",
            "What went wrong? The protractor moved before the dot, drawing"
        )
    )
{
    private const double Slipped = 7;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (errors.None && DrawAngle.OnBase(task) is not { CountsBack: false })
        {
            errors.Add("instrument", "has no zero for the base ray when the angle opens this way.");
        }
    }

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            $"The task was {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}. Measured again, this drawing shows {board.Phrasing.Degrees(task.Angle.Measure.Degrees + Slipped)}.",
            [
                "it moved before the dot was made",
                "the dot stands at the other scale",
                "a blunt pencil",
            ],
            0,
            $"Between counting and dotting the protractor turned: its {board.Phrasing.Words.ZeroLine} no longer covers the base ray.",
            "Hold it down with spread fingers, look at centre and zero line once more, then dot.",
            $"Laid still, the dot stands where it should: {board.Phrasing.Degrees(task.Angle.Measure.Degrees)}."
        );

    private protected override void Wrong(DemonstrationTask task, Storyboard board)
    {
        StandardPlacement laying = DrawAngle.OnBase(task)!;
        int sense = task.Angle.Opening.Sign();
        board.Put(
            new Figure(
                Id,
                Long(task) with
                {
                    Measure = new Measure(task.Angle.Measure.Degrees + Slipped),
                }
            )
            {
                Names = task.Names,
            }
        );
        board.Lay(
            new LaidInstrument(
                Id,
                task.Instrument.Id,
                laying.Placement with
                {
                    Turn = laying.Placement.Turn.Turned(sense * Slipped),
                }
            )
            {
                InkedScale = laying.Scale,
            }
        );
    }
}
