using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Reflex;

/// <summary>Measure a reflex angle by one of the three methods.</summary>
public sealed class MeasureReflex(ReflexMethod method)
    : Demonstration(
        new DemonstrationFacts(
            "reflex-" + ReflexText.KeyOf(method),
            DemonstrationGroup.Reflex,
            $"Measure reflex: {ReflexText.TitleOf(method)}",
            ReflexText.MeasuringOf(method)
        )
        {
            UsualMeasure = ReflexText.UsualOf(method),
            UsualInstrument = ReflexText.InstrumentOf(method),
            LeastMeasure = 181,
            WhyMeasure = "A reflex angle is larger than a straight one and less than a full turn.",
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
        board.Change(Id, f => f with { Written = board.Phrasing.Degrees(result) });
        board.Step(
            "write",
            "Write",
            $"{task.Names.Full} = {board.Phrasing.Degrees(result)}, written on the outside, where the arc is."
        );
        return board.Script(
            Key,
            $"{task.Names.Full}: {ReflexText.TitleOf(method)}",
            task.Angle.Measure.Degrees,
            task.Instrument
        );
    }
}
