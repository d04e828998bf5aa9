using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Arms too short, and the book must not be drawn in: the angle is traced and measured on the tracing paper.</summary>
public sealed class TraceShortArms()
    : Demonstration(
        new DemonstrationFacts(
            "trace",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.Trace.Title,
            Text.Demonstrations.Trace.Summary
        )
        {
            UsualEndLength = 38,
            MostMeasure = 180,
            WhyMeasure = Text.Demonstrations.Why.HalfCircle,
        }
    )
{
    private const string Id = "angle";
    private const double BeyondRim = 12;

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsZero(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        double radius = task.Instrument.EdgeRadius;
        Angle angle = task.Angle;
        board.Put(new Figure(Id, angle) { Names = task.Names });
        board.Step(
            "short",
            Text.Demonstrations.Labels.TooShort,
            Text.Demonstrations.Trace.TooShort,
            Question.Open(Text.Demonstrations.Trace.TooShortQuestion)
        );
        board.Sheet = board.Sheet with { Tracing = new TracingPaper(angle) };
        board.Step("trace", Text.Demonstrations.Labels.Trace, Text.Demonstrations.Trace.Over);
        Angle longer = angle with
        {
            StartLength = Math.Max(angle.StartLength, radius + BeyondRim),
            EndLength = Math.Max(angle.EndLength, radius + BeyondRim),
        };
        board.Sheet = board.Sheet with
        {
            Tracing = new TracingPaper(longer),
            Straightedge = new LaidStraightedge(angle.Vertex, angle.End),
        };
        board.Step("draw-on", Text.Demonstrations.Labels.DrawOn, Text.Demonstrations.Trace.DrawOn);
        board.Sheet = board.Sheet with { Straightedge = null };
        board.Change(Id, f => f with { Angle = longer, Names = task.Names });
        var steps = new MeasuringSteps(
            board,
            Id,
            StandardPlacement.Of(longer, task.Names, task.Instrument)!
        );
        steps.CentreAndZeroLine();
        steps.ChooseScale();
        steps.Count();
        steps.Write(task.Names.Full, steps.StandardPlacement.Rounded);
        return board.Script(Key, Title, angle.Measure.Degrees, task.Instrument);
    }
}
