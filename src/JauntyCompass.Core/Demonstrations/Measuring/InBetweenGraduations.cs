using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Ten, five, ones: how a reading between two labels is found, also by counting back.</summary>
public sealed class InBetweenGraduations()
    : Demonstration(
        new DemonstrationFacts(
            "in-between",
            DemonstrationGroup.Measuring,
            "Between the labels",
            "The ten, the five, the ones; and back from a label when that is nearer."
        )
        {
            UsualMeasure = 78,
            MostMeasure = 179,
            WhyMeasure = "A half circle lies over the opening itself.",
        }
    )
{
    private const string Id = "angle";

    /// <inheritdoc/>
    public override void Validate(DemonstrationTask task, ValidationErrors errors)
    {
        base.Validate(task, errors);
        if (task.Instrument.SmallestGraduation > 1 || task.Instrument.LabelEvery != 10)
        {
            errors.Add(
                "instrument",
                "must have a graduation for every degree and a label at every ten."
            );
        }
        else if (
            errors.None && StandardPlacement.Of(task.Angle, task.Names, task.Instrument) is null
        )
        {
            errors.Add("instrument", "has no scale whose zero can lie on an arm of this angle.");
        }
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
        steps.LayAtOnce();
        board.Lay(
            new LaidInstrument(Id, task.Instrument.Id, laying.Placement)
            {
                InkedScale = laying.Scale,
            }
        );
        board.Sheet = board.Sheet with { Lens = laying.Laid.EndCrossing?.At };
        To(board, laying, ten);
        board.Step(
            "ten",
            "The ten",
            $"The last label before {end} is {ten}. So it is {ten} and a bit.",
            Question.Open($"Which is the last label before {end}?")
        );
        To(board, laying, reading);
        board.Step(
            "ones",
            "The ones",
            ones == 0
                ? $"{end} lies on the label itself: {board.Phrasing.Degrees(reading)}."
                : $"A degree is the space between two graduations; the longer one is five. Counted on from {ten}: {Counting.Said(reading)}.",
            Question.Open("How many single degrees further?")
        );
        if (ones >= 6)
        {
            board.Step(
                "back",
                "Or back",
                $"Or back from the next label: {ten + 10} less {10 - ones} is {reading}. Shorter to count, and just as right.",
                Question.Open($"{ten + 10} is nearer. May we count back from there?")
            );
        }
        board.Change(Id, f => f with { Written = board.Phrasing.Degrees(reading) });
        board.Step("write", "Write", $"{task.Names.Full} = {board.Phrasing.Degrees(reading)}.");
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    private static void To(Storyboard board, StandardPlacement laying, double reading) =>
        board.Sheet = board.Sheet with
        {
            Threads =
            [
                new CountedThread(
                    Id,
                    CountingThread.Along(laying.Protractor, laying.Placement, laying.Scale, reading)
                ),
            ],
        };
}
