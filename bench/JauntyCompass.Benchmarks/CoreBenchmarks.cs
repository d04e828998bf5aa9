using BenchmarkDotNet.Attributes;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Benchmarks;

/// <summary>The core's hot paths. Wanted: readings under 1 µs without allocation, a mark under 20 µs, a set of 20 under 2 ms, a script under 1 ms.</summary>
[MemoryDiagnoser]
public class CoreBenchmarks
{
    private static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;
    private static readonly Angle Angle = new(
        new Point(3, -20),
        new Direction(17),
        new Measure(64),
        TurnDirection.Anticlockwise,
        60,
        85
    );
    private static readonly Placement Placement = new(new Point(3.4, -19.7), new Direction(18));
    private static readonly SetSpecification Twenty = new(
        [new KindCount("measure", 12), new KindCount("draw", 8)],
        Tilt: Tilt.Mixed,
        Arms: ArmLengths.Mixed
    );
    private static readonly AngleNames Names = new("K", "L", "M");

    private static readonly Dictionary<DemonstrationTask, Demonstration> Tasks =
        DemonstrationCatalogue.All.ToDictionary(d => new DemonstrationTask(
            Angle with
            {
                Measure = new Measure(d.Facts.UsualMeasure),
                EndLength = d.Facts.UsualEndLength,
            },
            d.Facts.UsualInstrument,
            new AngleNames("K", "L", d.Key[..1] + "M"),
            HouseRules.Usual with
            {
                OwnLines = new Dictionary<string, string> { [d.Key] = d.Key },
            }
        ));

    private readonly MeasureItem _measure;
    private readonly MeasureResponse _reading = new(116, AngleKind.Acute, Placement);
    private readonly DrawItem _draw;
    private readonly DrawResponse _drawing;
    private readonly ExerciseKind _measureKind;
    private readonly ExerciseKind _drawKind;

    public CoreBenchmarks()
    {
        _measure = new MeasureItem(Text.Kinds.OwnPrompt("Measure."), Desk, Angle, Names);
        _draw = (DrawItem)SetGenerator.Generate(Twenty, 7).Items[^1].Item;
        _measureKind = ExerciseKinds.Of(_measure);
        _drawKind = ExerciseKinds.Of(_draw);
        var student = new SimulatedStudent("Bo", [Habit.Of<OtherScale>(1)], Hand.Careful);
        _drawing = (DrawResponse)_drawKind.Attempt(_draw, student, new SeededRandom(5));
    }

    [Benchmark]
    public double Readings()
    {
        LaidAngle laid = LaidAngle.Of(Angle, Desk, Placement);
        double sum = laid.CarefulReading ?? 0;
        for (int i = 0; i < Desk.Scales.Count; i++)
        {
            sum += laid.Reading(i, WhichArm.Start) ?? 0;
            sum += laid.Reading(i, WhichArm.End) ?? 0;
        }
        return sum;
    }

    [Benchmark]
    public string RenderMessage() => Phrasing.Usual.Say(Text.Mistakes.OtherScale.Measured(180));

    [Benchmark]
    public Mark MarkReading() => _measureKind.Mark(_measure, _reading, MarkingRules.Usual);

    [Benchmark]
    public Mark MarkDrawing() => _drawKind.Mark(_draw, _drawing, MarkingRules.Usual);

    [Benchmark]
    public GeneratedSet GenerateTwenty() => SetGenerator.Generate(Twenty, 7);

    private static readonly SetSpecification TwentyOfAlgebra = new([new KindCount("parts", 20)]);

    /// <summary>20 items of algebra: under 5 ms is wanted.</summary>
    [Benchmark]
    public GeneratedSet GenerateTwentyOfAlgebra() => SetGenerator.Generate(TwentyOfAlgebra, 7);

    private static readonly SetSpecification ThirtyInThirtyForms = new(
        [new KindCount("measure", 20), new KindCount("draw", 10)],
        Tilt: Tilt.Mixed,
        Arms: ArmLengths.Mixed,
        Forms: 30
    );

    /// <summary>30 items in 30 parallel forms: under 150 ms is wanted.</summary>
    [Benchmark]
    public GeneratedSet GenerateThirtyInThirtyForms() =>
        SetGenerator.Generate(ThirtyInThirtyForms, 7);

    private readonly List<AnswerEvidence> _history = History();

    private static List<AnswerEvidence> History()
    {
        var student = new SimulatedStudent("Bo", [Habit.Of<OtherScale>(0.5)], Hand.Careful);
        var random = new SeededRandom(3);
        return
        [
            .. SetGenerator
                .Generate(new SetSpecification([new KindCount("measure", 9)]), 7)
                .Items.SelectMany(i =>
                    ExerciseKinds
                        .Of(i.Item)
                        .Weigh(i.Item, ExerciseKinds.Of(i.Item).Attempt(i.Item, student, random), 2)
                ),
        ];
    }

    /// <summary>A reading marked with nine answers before it, habits weighed anew: under 50 µs is wanted.</summary>
    [Benchmark]
    public Mark MarkWithHistory()
    {
        IReadOnlyList<AnsweredStep> steps = _measureKind.Steps(_measure, _reading);
        List<AnswerEvidence> all = [.. _history, .. ExerciseKind.Weigh(steps, 2)];
        Beliefs history = HabitFinder.Find(all, _measureKind.Mistakes);
        return MarkAggregator.Of(steps, MarkingRules.Usual with { History = history });
    }

    /// <summary>Every demonstration of the list once, as it is usually opened: 1 ms each is wanted.</summary>
    [Benchmark]
    public int AllDemonstrations()
    {
        int steps = 0;
        foreach (DemonstrationTask task in Tasks.Keys)
        {
            steps += Tasks[task].Build(task).Steps.Count;
        }
        return steps;
    }

    [Benchmark]
    public Script LongestDemonstration() =>
        DemonstrationCatalogue
            .Find("reflex-two-ways")!
            .Build(
                new DemonstrationTask(
                    Angle with
                    {
                        Measure = new Measure(236),
                    },
                    Desk,
                    Names,
                    HouseRules.Usual
                )
            );

    [Benchmark]
    public RuleSafety TrustOfARule() => RuleSafety.Of(ScaleRule.OpeningSide, Desk);

    [Benchmark]
    public Script Demonstration() =>
        DemonstrationCatalogue.Measure.Build(
            new DemonstrationTask(Angle, Desk, Names, HouseRules.Usual)
        );
}
