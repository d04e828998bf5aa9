using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Measure with raised marks: the arm is turned onto the angle's arm, locked, and the marks are counted by touch.</summary>
public sealed class MeasureByTouch()
    : Demonstration(
        new DemonstrationFacts(
            "by-touch",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.ByTouch.Title,
            Text.Demonstrations.ByTouch.Summary
        )
        {
            UsualMeasure = 65,
            UsualInstrument = InstrumentCatalogue.Tactile,
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
        LayingFaults.NeedsArm(task, errors);
    }

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task)
    {
        var board = new Storyboard(task.Rules);
        StandardPlacement laying = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        var steps = new MeasuringSteps(board, Id, laying);
        steps.CentreAndZeroLine();
        double bearing = laying.Placement.BearingOf(laying.Angle.End);
        board.Lay(
            new LaidInstrument(Id, task.Instrument.Id, laying.Placement) { ArmBearing = bearing }
        );
        board.Step(
            "arm",
            Text.Demonstrations.Labels.TurnTheArm,
            Text.Demonstrations.ByTouch.Arm(laying.Names.EndRay),
            Question.Open(Text.Demonstrations.ByTouch.ArmQuestion)
        );
        board.Sheet = board.Sheet with
        {
            Threads =
            [
                new CountedThread(
                    Id,
                    CountingThread.Along(
                        task.Instrument,
                        laying.Placement,
                        laying.Scale,
                        laying.Reading
                    )
                ),
            ],
        };
        board.Step(
            "count",
            Text.Demonstrations.Labels.Count,
            Text.Demonstrations.ByTouch.Count(
                InstrumentWords.CountedAlong(task.Instrument, laying.Scale),
                Counting.Said(laying)
            ),
            Question.Open(Text.Demonstrations.ByTouch.CountQuestion)
        );
        steps.Write(task.Names.Full, laying.Rounded);
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }
}
