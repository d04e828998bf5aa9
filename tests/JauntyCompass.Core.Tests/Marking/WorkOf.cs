using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>Whole sets, worked by simulated students.</summary>
internal static class WorkOf
{
    /// <summary>What each answered question of a set says of every mistake.</summary>
    internal static List<AnswerEvidence> Student(
        IReadOnlyList<KindCount> counts,
        int seed,
        Hand hand,
        params Habit[] habits
    )
    {
        var student = new SimulatedStudent("Bo", habits, hand);
        var random = new SeededRandom(seed, stream: 5);
        return
        [
            .. SetGenerator
                .Generate(new SetSpecification(counts), seed)
                .Items.SelectMany(made =>
                {
                    ExerciseKind kind = ExerciseKinds.Of(made.Item);
                    return kind.Weigh(made.Item, kind.Attempt(made.Item, student, random), 2);
                }),
        ];
    }
}
