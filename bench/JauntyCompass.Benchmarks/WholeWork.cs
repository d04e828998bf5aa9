using System.Text.Json;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Benchmarks;

/// <summary>Whole sets, done by simulated students who lay, read, draw and choose by themselves.</summary>
internal static class WholeWork
{
    /// <summary>What is believed of a student's work, among all that its kinds can show.</summary>
    internal static Beliefs Believed(IReadOnlyList<KindCount> counts, int seed, Habit[] habits)
    {
        var student = new SimulatedStudent("Bo", habits, Hand.Careful);
        var random = new SeededRandom(seed, stream: 5);
        List<AnswerEvidence> evidence =
        [
            .. Set(counts, seed)
                .SelectMany(made =>
                {
                    ExerciseKind kind = ExerciseKinds.Of(made.Item);
                    return kind.Weigh(made.Item, kind.Attempt(made.Item, student, random), 2);
                }),
        ];
        return HabitFinder.Find(evidence, Mistakes(counts));
    }

    /// <summary>All mistakes that work of some kinds can show.</summary>
    internal static Mistake[] Mistakes(IReadOnlyList<KindCount> counts) =>
        [.. counts.SelectMany(c => ExerciseKinds.Find(c.Kind)!.Mistakes).Distinct()];

    /// <summary>Whether a student with a habit ever hands in anything else than one without.</summary>
    internal static bool Shows(IReadOnlyList<KindCount> counts, Mistake habit)
    {
        string Work(int seed, string key) =>
            JsonSerializer.Serialize(
                Set(counts, seed)
                    .Select(made =>
                        ExerciseKinds
                            .Of(made.Item)
                            .Attempt(
                                made.Item,
                                new SimulatedStudent(
                                    "Bo",
                                    [new Habit(MistakeCatalogue.Find(key)!, 1)],
                                    Hand.Perfect
                                ),
                                new SeededRandom(seed, stream: 5)
                            )
                    )
                    .ToArray(),
                ExerciseJson.Options
            );
        // The same dice are rolled for a habit that nobody can have.
        return Enumerable.Range(0, 3).Any(seed => Work(seed, "none") != Work(seed, habit.Key));
    }

    private static IReadOnlyList<GeneratedItem> Set(IReadOnlyList<KindCount> counts, int seed) =>
        SetGenerator.Generate(new SetSpecification(counts), seed).Items;
}
