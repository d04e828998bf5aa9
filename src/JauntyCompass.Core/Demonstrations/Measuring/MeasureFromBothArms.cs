using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Measure from one arm, then from the other: the number must be the same.</summary>
public sealed class MeasureFromBothArms()
    : Demonstration(
        new DemonstrationFacts(
            "both-arms",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.BothArms.Title,
            Text.Demonstrations.BothArms.Summary
        )
        {
            UsualMeasure = 127,
            MostMeasure = 180,
            WhyMeasure = Text.Demonstrations.Why.HalfCircle,
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
            errors.Add("instrument", Text.Demonstrations.Problem.NoZeroForBoth);
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
        board.Change(Id, f => f with { Written = Text.Units.Degrees(first.Rounded) });
        board.Step(
            "first-number",
            Text.Demonstrations.Labels.FirstNumber,
            Text.Demonstrations.BothArms.First(first.Names.StartRay, first.Rounded)
        );
        board.Lift(Id);
        Once(board, second);
        board.Step(
            "same",
            Text.Demonstrations.Labels.Same,
            Text.Demonstrations.BothArms.Same(second.Names.StartRay, second.Rounded),
            Question.YesOrNo(Text.Demonstrations.BothArms.SameQuestion, yes: true)
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
