using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Measure from one arm, then from the other: the number must be the same.</summary>
public sealed class MeasureFromBothArms()
    : Demonstration(
        new DemonstrationFacts(
            "both-arms",
            DemonstrationGroup.Measuring,
            "From both arms",
            "Measured from either arm, an angle gives the same number."
        )
        {
            UsualMeasure = 127,
            MostMeasure = 180,
            WhyMeasure = "A half circle lies over the opening itself.",
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (
            errors.None
            && (
                StandardPlacement.Of(task.Angle, task.Names, task.Instrument) is null
                || StandardPlacement.OnOtherArm(task.Angle, task.Names, task.Instrument) is null
            )
        )
        {
            errors.Add("instrument", "must have a zero for either arm: one with two scales.");
        }
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement first = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        StandardPlacement second = StandardPlacement.OnOtherArm(
            task.Angle,
            task.Names,
            task.Instrument
        )!;
        board.Put(
            new Figure(Id, task.Angle) { Names = task.Names, Mark = OpeningMarks.Of(task.Angle) }
        );
        Once(board, first);
        board.Change(Id, f => f with { Written = board.Phrasing.Degrees(first.Rounded) });
        board.Step(
            "first-number",
            "First number",
            $"From {first.Names.StartRay}: {board.Phrasing.Degrees(first.Rounded)}."
        );
        board.Lift(Id);
        Once(board, second);
        board.Step(
            "same",
            "The same",
            $"From {second.Names.StartRay}: {board.Phrasing.Degrees(second.Rounded)} again. Two ways, one number: now we trust it.",
            Question.YesOrNo("Must both numbers be the same?", yes: true)
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static void Once(Storyboard board, StandardPlacement laying)
    {
        var steps = new MeasuringSteps(board, Id, laying);
        steps.CentreAndZeroLine();
        steps.Extend();
        steps.ChooseScale();
        steps.Count();
    }
}
