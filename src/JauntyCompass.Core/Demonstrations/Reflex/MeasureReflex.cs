using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>Measure a reflex angle by one of the three methods.</summary>
public sealed class MeasureReflex(ReflexMethod method)
    : Demonstration(
        new DemonstrationFacts(
            "reflex-" + ReflexText.KeyOf(method),
            DemonstrationGroup.Reflex,
            ReflexText.TitleOf(method),
            ReflexText.SummaryOf(method)
        )
        {
            UsualMeasure = ReflexText.UsualOf(method),
            UsualInstrument = ReflexText.InstrumentOf(method),
            LeastMeasure = 181,
            WhyMeasure = Text.Demonstrations.Why.Reflex,
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        ReflexText.CheckInstrument(method, task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        Angle lying =
            task.Rules.Turning == Turning.Page
                ? MeasureAngle.Levelled(task.Angle, task.Instrument)
                : task.Angle;
        new MeasuringSteps(
            board,
            Id,
            StandardPlacement.Of(lying, task.Names, task.Instrument)!
        ).Kind(task.Angle);
        board.Change(Id, f => f with { Angle = lying });
        double result = ReflexRoutes.Measure(board, Id, lying, task, method);
        board.Change(Id, f => f with { Written = Text.Units.Degrees(result) });
        board.Step(
            "write",
            Text.Demonstrations.Labels.Write,
            Text.Demonstrations.Reflex.WrittenOutside(task.Names.Full, result)
        );
        return board.Script(
            Key,
            ReflexText.Named(method, task.Names.Full),
            task.Angle.Measure.Degrees,
            task.Instrument
        );
    }
}
