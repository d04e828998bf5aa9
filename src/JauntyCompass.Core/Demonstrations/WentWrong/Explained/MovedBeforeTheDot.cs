using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Drawing;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.WentWrong.Explained;

/// <summary>Drawing: the protractor moved before the dot was made.</summary>
public sealed class MovedBeforeTheDot()
    : ExplainedReplay(
        ExplainedFacts(
            "explained-moved-before-the-dot",
            Text.Demonstrations.Explained.MovedBeforeTheDot.Title
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
            errors.Add("instrument", Text.Demonstrations.Problem.NoZero);
        }
    }

    private protected override Explanation Explain(DemonstrationTask task, Storyboard board) =>
        new(
            Text.Demonstrations.Explained.MovedBeforeTheDot.Said(
                task.Angle.Measure.Degrees,
                task.Angle.Measure.Degrees + Slipped
            ),
            [
                Text.Demonstrations.Explained.MovedBeforeTheDot.Guess1,
                Text.Demonstrations.Explained.MovedBeforeTheDot.Guess2,
                Text.Demonstrations.Explained.MovedBeforeTheDot.Guess3,
            ],
            0,
            Text.Demonstrations.Explained.MovedBeforeTheDot.Happened,
            Text.Demonstrations.Explained.MovedBeforeTheDot.Remedy,
            Text.Demonstrations.Explained.MovedBeforeTheDot.Right(task.Angle.Measure.Degrees)
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
