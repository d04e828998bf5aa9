using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Any graduation on the first arm: read both and subtract.</summary>
public sealed class NotFromZero()
    : Demonstration(
        new DemonstrationFacts(
            "not-from-zero",
            DemonstrationGroup.Measuring,
            "Not starting at zero",
            "Read both arms on one scale and subtract."
        )
        {
            UsualMeasure = 70,
            MostMeasure = 175,
            WhyMeasure = "Both arms must lie on one scale, neither on its zero.",
        }
    )
{
    private const string Id = "angle";
    private const double UsualStart = 25;

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
        StandardPlacement well = StandardPlacement.Of(task.Angle, task.Names, task.Instrument)!;
        double from = StartFor(well.Rounded);
        int sense = well.Angle.Opening.Sign();
        Placement placed = well.Placement with { Turn = well.Placement.Turn.Turned(-sense * from) };
        double end = from + well.Rounded;
        board.Put(new Figure(Id, task.Angle) { Names = task.Names });
        (string start, string other) = (well.Names.StartRay, well.Names.EndRay);
        board.Change(Id, f => Longer(f, task.Instrument.EdgeRadius));
        board.Lay(new LaidInstrument(Id, task.Instrument.Id, placed) { InkedScale = well.Scale });
        board.Step(
            "lay",
            "Lay it on",
            $"The {board.Phrasing.Words.CentreMark} lies on the vertex, but no zero lies on {start}. That can still be read.",
            Question.YesOrNo("Can we measure without moving it?", yes: true)
        );
        Thread(board, task.Instrument, placed, well.Scale, from);
        board.Step(
            "first",
            "First reading",
            $"On {start} we read {board.Phrasing.Degrees(from)}.",
            Question.Open($"What does the scale say on {start}?")
        );
        Thread(board, task.Instrument, placed, well.Scale, end);
        board.Step(
            "second",
            "Second reading",
            $"On the same scale {other} lies at {board.Phrasing.Degrees(end)}.",
            Question.Open($"And on {other}, on the same scale?")
        );
        board.Change(Id, f => f with { Written = board.Phrasing.Degrees(well.Rounded) });
        board.Step(
            "subtract",
            "Subtract",
            $"{board.Phrasing.Degrees(end)} − {board.Phrasing.Degrees(from)} = {board.Phrasing.Degrees(well.Rounded)}. Forget to subtract, and {board.Phrasing.Degrees(end)} would be written: the classic slip.",
            new Question(
                "What is the angle?",
                [
                    board.Phrasing.Degrees(end),
                    board.Phrasing.Degrees(well.Rounded),
                    board.Phrasing.Degrees(end + from),
                ],
                1
            )
        );
        board.Sheet = board.Sheet with { Threads = [] };
        board.Lay(
            new LaidInstrument(Id, task.Instrument.Id, well.Placement) { InkedScale = well.Scale }
        );
        board.Step(
            "handier",
            "Handier",
            $"With the zero on {start} there is nothing to subtract: the same {board.Phrasing.Degrees(well.Rounded)}, only handier."
        );
        return board.Script(Key, Title, task.Angle.Measure.Degrees, task.Instrument);
    }

    // Wide angles leave less room on the scale.
    private static double StartFor(double measure) =>
        Math.Min(UsualStart, Math.Floor((180 - measure) / 2));

    private static Figure Longer(Figure figure, double radius)
    {
        const double Beyond = 10;
        return figure with
        {
            StartExtendedTo =
                figure.Angle.StartLength < radius ? radius + Beyond : figure.StartExtendedTo,
            EndExtendedTo =
                figure.Angle.EndLength < radius ? radius + Beyond : figure.EndExtendedTo,
        };
    }

    private static void Thread(
        Storyboard board,
        Protractor protractor,
        Placement placed,
        int scale,
        double reading
    ) =>
        board.Sheet = board.Sheet with
        {
            Threads =
            [
                new CountedThread(Id, CountingThread.Along(protractor, placed, scale, reading)),
            ],
        };
}
