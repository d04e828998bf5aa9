using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>Any graduation on the first arm: read both and subtract.</summary>
public sealed class NotFromZero()
    : Demonstration(
        new DemonstrationFacts(
            "not-from-zero",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.NotFromZero.Title,
            Text.Demonstrations.NotFromZero.Summary
        )
        {
            UsualMeasure = 70,
            MostMeasure = 175,
            WhyMeasure = Text.Demonstrations.Why.BothOnOneScale,
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
            Text.Demonstrations.Labels.Placed,
            Text.Demonstrations.NotFromZero.Place(start),
            Question.YesOrNo(Text.Demonstrations.NotFromZero.PlaceQuestion, yes: true)
        );
        Thread(board, task.Instrument, placed, well.Scale, from);
        board.Step(
            "first",
            Text.Demonstrations.Labels.FirstReading,
            Text.Demonstrations.NotFromZero.First(start, from),
            Question.Open(Text.Demonstrations.NotFromZero.FirstQuestion(start))
        );
        Thread(board, task.Instrument, placed, well.Scale, end);
        board.Step(
            "second",
            Text.Demonstrations.Labels.SecondReading,
            Text.Demonstrations.NotFromZero.Second(other, end),
            Question.Open(Text.Demonstrations.NotFromZero.SecondQuestion(other))
        );
        board.Change(Id, f => f with { Written = Text.Units.Degrees(well.Rounded) });
        board.Step(
            "subtract",
            Text.Demonstrations.Labels.Subtract,
            Text.Demonstrations.NotFromZero.Subtract(end, from, well.Rounded),
            new Question(
                Text.Demonstrations.NotFromZero.SubtractQuestion,
                [
                    Text.Units.Degrees(end),
                    Text.Units.Degrees(well.Rounded),
                    Text.Units.Degrees(end + from),
                ],
                1
            )
        );
        board.Sheet = board.Sheet with { Threads = [] };
        board.Lay(
            new LaidInstrument(Id, task.Instrument.Id, well.Placement) { InkedScale = well.Scale }
        );
        board.Step(
            "easier",
            Text.Demonstrations.Labels.Easier,
            Text.Demonstrations.NotFromZero.Easier(start, well.Rounded)
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
