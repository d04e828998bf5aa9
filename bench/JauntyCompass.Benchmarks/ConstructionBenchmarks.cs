using BenchmarkDotNet.Attributes;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>Constructions. Wanted: one of 12 strokes marked in 60 µs.</summary>
[MemoryDiagnoser]
public class ConstructionBenchmarks
{
    /// <summary>The kind of construction.</summary>
    [Params("bisect", "copy", "build")]
    public string Kind { get; set; } = "build";

    private ExerciseKind _kind = null!;
    private Item _item = null!;
    private Response _careful = null!;
    private Response _slipped = null!;

    /// <summary>The construction with the most strokes of seven, with a firm compass and with one whose hinge slips.</summary>
    [GlobalSetup]
    public void Construct()
    {
        var careful = new SimulatedStudent("Bo", [], Hand.Careful);
        var slipping = new SimulatedStudent("Bo", [Habit.Of<OpeningChanged>(1)], Hand.Careful);
        _item = SetGenerator
            .Generate(new SetSpecification([new KindCount(Kind, 7)]), 7)
            .Items.Select(i => i.Item)
            .MaxBy(i => Strokes(ExerciseKinds.Of(i).Attempt(i, careful, new SeededRandom(5))))!;
        _kind = ExerciseKinds.Of(_item);
        _careful = _kind.Attempt(_item, careful, new SeededRandom(5));
        _slipped = _kind.Attempt(_item, slipping, new SeededRandom(5));
        Console.WriteLine($"{Kind}: {Strokes(_careful)} strokes, {Points(_careful)} points");
    }

    private static int Strokes(Response response) =>
        response is ConstructionResponse r ? r.Strokes.Count + r.Arcs.Count : 0;

    private static int Points(Response response) =>
        response is ConstructionResponse r
            ? r.Strokes.Sum(s => s.Points.Count) + r.Arcs.Sum(s => s.Points.Count)
            : 0;

    [Benchmark]
    public Mark MarkConstruction() => _kind.Mark(_item, _careful, MarkingRules.Usual);

    [Benchmark]
    public Mark MarkSlipped() => _kind.Mark(_item, _slipped, MarkingRules.Usual);
}
