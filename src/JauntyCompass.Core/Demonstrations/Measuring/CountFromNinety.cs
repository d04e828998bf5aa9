using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>An obtuse angle, counted on from the right angle in it.</summary>
public sealed class CountFromNinety()
    : Demonstration(
        new DemonstrationFacts(
            "count-from-90",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.FromNinety.Title,
            Text.Demonstrations.FromNinety.Summary
        )
        {
            UsualMeasure = 128,
            LeastMeasure = 91,
            MostMeasure = 179,
            WhyMeasure = Text.Demonstrations.Why.Obtuse,
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsSingleDegrees(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        double reading = laying.Rounded;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        var steps = new MeasuringSteps(board, Id, laying);
        steps.Kind(task.Angle);
        steps.LayReady();
        steps.ChooseScale();
        steps.Thread(0, 90);
        board.Step(
            "ninety",
            Text.Demonstrations.Labels.FindNinety,
            Text.Demonstrations.FromNinety.Ninety(90),
            Question.Open(Text.Demonstrations.FromNinety.NinetyQuestion(90))
        );
        steps.Thread(90, reading);
        steps.OpenLens();
        board.Step(
            "on",
            Text.Demonstrations.Labels.GoOn,
            Text.Demonstrations.FromNinety.On(
                laying.Names.EndRay,
                Math.Floor(reading / 10) * 10,
                reading % 10
            ),
            Question.Open(Text.Demonstrations.FromNinety.OnQuestion(laying.Names.EndRay))
        );
        board.Step(
            "sum",
            Text.Demonstrations.Labels.Together,
            Text.Demonstrations.FromNinety.Sum(90, reading - 90, reading)
        );
        steps.Write(task.Names.Full, reading);
        steps.Check(task.Angle, reading);
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }
}
