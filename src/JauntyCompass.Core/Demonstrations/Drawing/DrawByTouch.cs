using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>
/// Draw with raised marks: count to the measure, lock the arm, turn the instrument over. Left and right are then swapped, so
/// one side of the arm gives the angle and the other its supplement; the kind decides which is marked.
/// </summary>
public sealed class DrawByTouch()
    : Demonstration(
        new DemonstrationFacts(
            "draw-by-touch",
            DemonstrationGroup.Drawing,
            "Draw by touch",
            "Count, lock, turn over, draw along the arm; the kind decides which side."
        )
        {
            UsualMeasure = 65,
            UsualInstrument = InstrumentCatalogue.Tactile,
            LeastMeasure = 5,
            MostMeasure = 175,
            WhyMeasure = "The arm needs room to turn.",
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        LayingFaults.NeedsArm(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        Protractor protractor = task.Instrument;
        StandardPlacement laying = StandardPlacement.Of(task.Angle, task.Names, protractor)!;
        var phrasing = board.Phrasing;
        double measure = task.Angle.Measure.Degrees;
        double length = protractor.Arm!.Length - 4;
        Angle counted = laying.Angle with { StartLength = length, EndLength = length };
        double bearing = laying.Placement.BearingOf(counted.End);
        board.Rule(
            new DrawnLine(
                "base",
                counted.Vertex.Towards(counted.Start.Opposite, length),
                counted.Vertex.Towards(counted.Start, length)
            )
        );
        board.Lay(new LaidInstrument(Id, protractor.Id, laying.Placement) { ArmBearing = bearing });
        board.Sheet = board.Sheet with
        {
            Threads =
            [
                new CountedThread(
                    Id,
                    CountingThread.Along(protractor, laying.Placement, laying.Scale, measure)
                ),
            ],
        };
        board.Step(
            "count",
            "Count and lock",
            $"Count {phrasing.Counted(protractor, laying.Scale)} to {phrasing.Degrees(measure)}: {Counting.Said(laying, phrasing)}. Turn the arm there and lock it.",
            Question.Open($"We draw {phrasing.Degrees(measure)}. Which kind is it?")
        );
        // Turned over about the line across the zero line, the body still lies over the same side of the base line.
        Placement over = laying.Placement with
        {
            TurnedOver = true,
        };
        board.Sheet = board.Sheet with { Threads = [] };
        board.Lay(new LaidInstrument(Id, protractor.Id, over) { ArmBearing = bearing });
        board.Step(
            "turn-over",
            "Turn over",
            "Turn the instrument over, the arm still locked: its smooth back lies up, and left and right have changed places."
        );
        Direction drawn = over.DirectionOf(bearing);
        var finished = new Angle(
            counted.Vertex,
            counted.Start.Opposite,
            new Measure(measure),
            counted.Opening.Reversed(),
            length,
            length
        );
        board.Rule(
            new DrawnLine("ray", counted.Vertex, counted.Vertex.Towards(drawn, length), Arrow: true)
        );
        board.Step(
            "draw",
            "Draw",
            "Draw along the arm, fingers clear of the pencil. Any grip, any pen, any direction of stroke that suits the hand."
        );
        board.Lift(Id);
        board.Sheet = board.Sheet with { Lines = [] };
        board.Put(
            new Figure(Id, finished)
            {
                Names = task.Names,
                Mark = OpeningMarks.Of(finished),
                Written = phrasing.Degrees(measure),
            }
        );
        board.Step(
            "which-side",
            "Which side",
            $"One side of the ray gives {phrasing.Degrees(measure)}, the other {phrasing.Degrees(180 - measure)}. We said {Wording.Numbers.Adjective(task.Angle.Measure.Kind)}, so the arc goes here.",
            Question.Open("Two angles lie along the line. Which one did we want?")
        );
        return board.Script(Key, Title, measure, protractor);
    }
}
