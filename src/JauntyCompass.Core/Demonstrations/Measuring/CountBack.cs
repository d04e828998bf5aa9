using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>A graduation just short of a label, or of a five, is read by counting back from it.</summary>
public sealed class CountBack()
    : Demonstration(
        new DemonstrationFacts(
            "count-back",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.CountBack.Title,
            Text.Demonstrations.CountBack.Summary
        )
        {
            UsualMeasure = 68,
            LeastMeasure = 1,
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

    /// <summary>The label, or the five, that is nearest beyond a reading; the reading itself where it is one.</summary>
    internal static int Beyond(int reading) => (reading + 4) / 5 * 5;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        int reading = (int)laying.Rounded;
        int label = Beyond(reading);
        string end = laying.Names.EndRay;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        var steps = new MeasuringSteps(board, Id, laying);
        steps.LayReady();
        steps.OpenLens();
        steps.Thread(0, label);
        board.Step(
            "label",
            Text.Demonstrations.Labels.JustBeyond,
            label == reading
                ? Text.Demonstrations.InBetween.OnTheLabel(end, reading)
                : Text.Demonstrations.CountBack.Label(end, label),
            Question.Open(Text.Demonstrations.CountBack.LabelQuestion(end))
        );
        if (label != reading)
        {
            Back(steps, laying, label, reading);
        }
        steps.Write(task.Names.Full, reading);
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static void Back(MeasuringSteps steps, StandardPlacement laying, int label, int reading)
    {
        Storyboard board = steps.Board;
        string end = laying.Names.EndRay;
        steps.Thread(label, reading);
        board.Step(
            "back",
            Text.Demonstrations.Labels.OrBack,
            Text.Demonstrations.CountBack.Back(label, label - reading, reading),
            Question.Open(Text.Demonstrations.CountBack.BackQuestion(label, end))
        );
        steps.Thread(0, reading);
        board.Step(
            "same",
            Text.Demonstrations.Labels.Same,
            Text.Demonstrations.CountBack.SameBoth(Counting.Said(reading)),
            Question.YesOrNo(Text.Demonstrations.CountBack.SameQuestion, yes: true)
        );
    }
}
