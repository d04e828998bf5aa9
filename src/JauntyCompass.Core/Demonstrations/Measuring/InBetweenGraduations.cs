using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Ten, five, ones: how a reading between two labels is found, also by counting back.</summary>
public sealed class InBetweenGraduations()
    : Demonstration(
        new DemonstrationFacts(
            "in-between",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.InBetween.Title,
            Text.Demonstrations.InBetween.Summary
        )
        {
            UsualMeasure = 78,
            MostMeasure = 179,
            WhyMeasure = Text.Demonstrations.Why.HalfCircle,
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
        string end = laying.Names.EndRay;
        int reading = (int)laying.Rounded;
        int ten = reading / 10 * 10;
        int ones = reading % 10;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayReady();
        steps.OpenLens();
        To(board, laying, ten);
        board.Step(
            "ten",
            Text.Demonstrations.Labels.Ten,
            Text.Demonstrations.InBetween.Ten(end, ten),
            Question.Open(Text.Demonstrations.InBetween.TenQuestion(end))
        );
        To(board, laying, reading);
        board.Step(
            "ones",
            Text.Demonstrations.Labels.Ones,
            ones == 0
                ? Text.Demonstrations.InBetween.OnTheLabel(end, reading)
                : Text.Demonstrations.InBetween.Ones(ten, Counting.Said(reading)),
            Question.Open(Text.Demonstrations.InBetween.OnesQuestion)
        );
        if (ones >= 6)
        {
            board.Step(
                "back",
                Text.Demonstrations.Labels.OrBack,
                Text.Demonstrations.InBetween.Back(ten + 10, 10 - ones, reading),
                Question.Open(Text.Demonstrations.InBetween.BackQuestion(ten + 10))
            );
        }
        board.Change(Id, f => f with { Written = Text.Units.Degrees(reading) });
        board.Step(
            "write",
            Text.Demonstrations.Labels.Write,
            Text.Demonstrations.Write.BesideArc(task.Names.Full, reading)
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static void To(Storyboard board, StandardPlacement laying, double reading) =>
        new MeasuringSteps(board, Id, laying).Thread(0, reading);
}
