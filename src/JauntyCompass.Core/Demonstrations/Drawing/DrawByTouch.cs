using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

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
            Text.Demonstrations.DrawByTouch.Title,
            Text.Demonstrations.DrawByTouch.Summary
        )
        {
            UsualMeasure = 65,
            UsualInstrument = InstrumentCatalogue.Tactile,
            LeastMeasure = 5,
            MostMeasure = 175,
            WhyMeasure = Text.Demonstrations.Why.ArmNeedsRoom,
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
            Text.Demonstrations.Labels.CountAndLock,
            Text.Demonstrations.DrawByTouch.Count(
                InstrumentWords.CountedAlong(protractor, laying.Scale),
                measure,
                Counting.Said(laying)
            ),
            Question.Open(Text.Demonstrations.DrawByTouch.CountQuestion(measure))
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
            Text.Demonstrations.Labels.TurnOver,
            Text.Demonstrations.DrawByTouch.TurnOver
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
        board.Step("draw", Text.Demonstrations.Labels.Draw, Text.Demonstrations.DrawByTouch.Draw);
        board.Lift(Id);
        board.Sheet = board.Sheet with { Lines = [] };
        board.Put(
            new Figure(Id, finished)
            {
                Names = task.Names,
                Mark = OpeningMarks.Of(finished),
                Written = Text.Units.Degrees(measure),
            }
        );
        board.Step(
            "which-side",
            Text.Demonstrations.Labels.WhichSide,
            Text.Demonstrations.DrawByTouch.WhichSide(
                measure,
                180 - measure,
                task.Angle.Measure.Kind
            ),
            Question.Open(Text.Demonstrations.DrawByTouch.WhichSideQuestion)
        );
        return board.Script(Key, Title, measure, protractor);
    }
}
