using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>What the tests of single kinds share: angles that stand, items that are made, answers that are marked.</summary>
internal static class KindTrial
{
    internal static readonly AngleNames Names = new("K", "L", "M");
    internal static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;

    internal static Angle Standing(double measure, double start = 0, double arm = 84) =>
        new(
            default,
            new Direction(start),
            new Measure(measure),
            TurnDirection.Anticlockwise,
            arm,
            arm
        );

    /// <summary>Items of one kind, each from a set of its own.</summary>
    internal static IEnumerable<T> Made<T>(string kind, int seeds = 60)
        where T : Item
    {
        for (int seed = 0; seed < seeds; seed++)
        {
            var spec = new SetSpecification([new KindCount(kind, 1)], Tilt: Tilt.Mixed);
            yield return (T)SetGenerator.Generate(spec, seed).Items[0].Item;
        }
    }

    internal static Mark Marked(Item item, Response response) =>
        ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);

    /// <summary>All instruments that items of a kind may have.</summary>
    internal static IReadOnlyList<Protractor> InstrumentsFor(string kind) =>
        ExerciseKinds.Find(kind)!.Facts.AlreadyLaid
            ? InstrumentCatalogue.All
            : InstrumentCatalogue.ForExercises;

    /// <summary>What became of one step.</summary>
    internal static Verdict Of(Mark mark, string step) =>
        mark.Steps!.Single(s => s.Step == step).Verdict;
}
