using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>
/// Two habits in the same work, of reading, laying, dotting or ruling, looked for among all that the kinds can show.
/// </summary>
public class PairedHabitsTests
{
    private static readonly Mistake[] Among =
    [
        .. new[] { "measure", "draw" }
            .SelectMany(key => ExerciseKinds.Find(key)!.Mistakes)
            .Distinct(),
    ];

    private static List<AnswerEvidence> Work(int seed, params Habit[] habits) =>
        WorkOf.Student(
            [new KindCount("measure", 6), new KindCount("draw", 10)],
            seed,
            Hand.Careful,
            habits
        );

    [Theory]
    [InlineData("other-scale", "zero-line-off")]
    [InlineData("swapped-digits", "zero-line-off")]
    [InlineData("ticks-backwards", "straight-edge-for-zero-line")]
    [InlineData("other-scale", "arm-too-short")]
    [InlineData("wrong-ten", "thick-dot")]
    [InlineData("other-scale", "gap-at-vertex")]
    [InlineData("wrong-ten", "missed-own-dot")]
    [InlineData("zero-line-off", "thick-dot")]
    [InlineData("arm-too-short", "thick-dot")]
    [InlineData("freehand-line", "other-scale")]
    [InlineData("thick-dot", "gap-at-vertex")]
    [InlineData("moved-before-dot", "arm-too-short")]
    [InlineData("zero-line-off", "gap-at-vertex")]
    [InlineData("centre-mark-off", "missed-own-dot")]
    public void Two_habits_of_unlike_kinds_are_both_named(string one, string other)
    {
        const int Students = 40;
        int both = Enumerable
            .Range(0, Students)
            .Count(s =>
                HabitFinder
                    .Find(
                        Work(
                            s,
                            new Habit(MistakeCatalogue.Find(one)!, 0.6),
                            new Habit(MistakeCatalogue.Find(other)!, 0.6)
                        ),
                        Among
                    )
                    .Named.Order()
                    .SequenceEqual(new[] { one, other }.Order())
            );
        both.ShouldBeGreaterThanOrEqualTo(Students * 70 / 100);
    }

    // What is believed is the same in whatever order the answers came and the mistakes are listed.
    [Property(MaxTest = 40)]
    public void The_order_of_answers_and_of_mistakes_says_nothing(int seed, bool second)
    {
        Habit[] habits = second
            ? [Habit.Of<OtherScale>(0.5), Habit.Of<GapAtVertex>(0.5)]
            : [Habit.Of<WrongTen>(0.5)];
        List<AnswerEvidence> answers = Work(Math.Abs(seed % 1000), habits);
        Beliefs asTheyCame = HabitFinder.Find(answers, Among);
        answers.Reverse();
        Beliefs backwards = HabitFinder.Find(answers, [.. Among.Reverse()]);
        backwards.NoHabit.ShouldBe(asTheyCame.NoHabit, 1e-9);
        backwards.Named.Order().ShouldBe(asTheyCame.Named.Order());
        foreach (HabitBelief belief in asTheyCame.Habits)
        {
            backwards
                .Habits.Single(h => h.Mistake == belief.Mistake)
                .Likelihood.ShouldBe(belief.Likelihood, 1e-9);
        }
    }
}
