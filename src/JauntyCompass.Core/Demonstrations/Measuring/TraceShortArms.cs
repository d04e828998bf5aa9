using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Arms too short, and the book must not be drawn in: the angle is traced and measured on the tracing paper.</summary>
public sealed class TraceShortArms()
    : Demonstration(
        new DemonstrationFacts(
            "trace",
            DemonstrationGroup.Measuring,
            "Short arms: trace them",
            "When the book must stay clean, trace the angle and draw its arms on."
        )
        {
            UsualEndLength = 38,
            MostMeasure = 180,
            WhyMeasure = "A half circle lies over the opening itself.",
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
        string arm = board.Phrasing.Words.Arm;
        double radius = task.Instrument.EdgeRadius;
        Angle angle = task.Angle;
        board.Put(new Figure(Id, angle) { Names = task.Names });
        board.Step(
            "short",
            "Too short",
            $"The {arm}s stop before the graduations, and in a book we do not draw.",
            Question.Open("The book must stay clean. What can we do?")
        );
        board.Sheet = board.Sheet with { Tracing = new TracingPaper(angle) };
        board.Step(
            "trace",
            "Trace",
            $"Lay thin paper over it and trace: the vertex first, then a mark on each {arm}."
        );
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
        board.Step(
            "draw-on",
            "Draw on",
            $"On the tracing paper we draw the {arm}s on with the {board.Phrasing.Words.Straightedge}, as long as we like. The angle stays the same."
        );
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
