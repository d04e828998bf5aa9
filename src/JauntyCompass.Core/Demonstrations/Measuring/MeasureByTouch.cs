using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Measure with raised marks: the arm is turned onto the angle's arm, locked, and the marks are counted by touch.</summary>
public sealed class MeasureByTouch()
    : Demonstration(
        new DemonstrationFacts(
            "by-touch",
            DemonstrationGroup.Measuring,
            "By touch",
            "Raised marks, an arm that locks, and fingers that count."
        )
        {
            UsualMeasure = 65,
            UsualInstrument = InstrumentCatalogue.Tactile,
            MostMeasure = 180,
            WhyMeasure = "A half circle lies over the opening itself.",
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
        var phrasing = board.Phrasing;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        var steps = new MeasuringSteps(board, Id, laying);
        steps.CentreAndZeroLine();
        double bearing = laying.Placement.BearingOf(laying.Angle.End);
        board.Lay(
            new LaidInstrument(Id, task.Instrument.Id, laying.Placement) { ArmBearing = bearing }
        );
        board.Step(
            "arm",
            "Turn the arm",
            $"Feel for {laying.Names.EndRay}, turn the arm of the protractor onto it and lock it. Any grip that suits the hand is right.",
            Question.Open("How can fingers find the second line?")
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
            "Count",
            $"Count {phrasing.Counted(task.Instrument, laying.Scale)}, long marks for tens, short ones for fives: {Counting.Said(laying, phrasing)}.",
            Question.Open("Count the long marks up to the arm.")
        );
        steps.Write(task.Names.Full, laying.Rounded);
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }
}
