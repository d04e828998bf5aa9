using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>What is seen on a sheet weighs for a habit where the flaw is there, and against it where it is not.</summary>
public class SeenFlawsTests
{
    private const int Items = 30;

    public static TheoryData<string, string> Flaws =>
        new()
        {
            { "draw", "arm-too-short" },
            { "draw", "gap-at-vertex" },
            { "draw", "thick-dot" },
            { "draw", "freehand-line" },
            { "draw", "ran-on-behind-vertex" },
            { "draw", "missed-own-dot" },
            { "draw", "zero-line-off" },
            { "draw", "straight-edge-for-zero-line" },
            { "measure", "zero-line-off" },
            { "measure", "centre-mark-off" },
            { "measure", "straight-edge-for-zero-line" },
        };

    // How much likelier each answer is of someone who made the mistake than of careful work.
    private static double[] Ratios(string key, string mistake, Hand hand, params Habit[] habits)
    {
        ExerciseKind kind = ExerciseKinds.Find(key)!;
        int place = MistakeCatalogue.All.ToList().FindIndex(m => m.Key == mistake);
        var student = new SimulatedStudent("Bo", habits, hand);
        var random = new SeededRandom(11);
        return
        [
            .. SetGenerator
                .Generate(new SetSpecification([new KindCount(key, Items)]), 5)
                .Items.SelectMany(i => kind.Weigh(i.Item, kind.Attempt(i.Item, student, random), 2))
                .Where(e => e.CanShow(place))
                .Select(e => OfAnyHand(e.Given(place)) / OfAnyHand(e.Careful)),
        ];
    }

    private static double OfAnyHand(ReadOnlySpan<float> likelihoods)
    {
        double sum = 0;
        for (int hand = 0; hand < likelihoods.Length; hand++)
        {
            sum += HandModel.Prior[hand] * likelihoods[hand];
        }
        return sum;
    }

    [Theory]
    [MemberData(nameof(Flaws))]
    public void Clean_work_speaks_against_a_flaw(string key, string mistake)
    {
        double[] ratios = Ratios(key, mistake, Hand.Careful);
        ratios.Length.ShouldBe(Items);
        // A hand is never quite still; on the whole it must be clear, however often it is looked at.
        ratios.Average(r => Math.Log(r + 1e-12)).ShouldBeLessThan(-1);
        ratios.Count(r => r >= 1).ShouldBeLessThan(Items / 10);
    }

    [Theory]
    [MemberData(nameof(Flaws))]
    public void A_flaw_that_is_there_speaks_for_it(string key, string mistake)
    {
        double[] ratios = Ratios(
            key,
            mistake,
            Hand.Careful,
            new Habit(MistakeCatalogue.Find(mistake)!, 1)
        );
        ratios.Length.ShouldBeGreaterThan(Items / 2);
        // Laid off along the arm it hardly shows.
        ratios.Count(r => r > 1).ShouldBeGreaterThan(ratios.Length * 6 / 10);
    }

    [Theory]
    [InlineData(4)]
    [InlineData(12)]
    [InlineData(30)]
    public void More_clean_drawings_make_a_habit_less_likely_never_more(int drawings)
    {
        ExerciseKind kind = ExerciseKinds.Find("draw")!;
        var student = new SimulatedStudent("Bo", [], Hand.Careful);
        var random = new SeededRandom(3);
        List<AnswerEvidence> all =
        [
            .. SetGenerator
                .Generate(new SetSpecification([new KindCount("draw", drawings)]), 8)
                .Items.SelectMany(i =>
                    kind.Weigh(i.Item, kind.Attempt(i.Item, student, random), 2)
                ),
        ];
        Beliefs first = HabitFinder.Find(all[..2], kind.Mistakes);
        Beliefs last = HabitFinder.Find(all, kind.Mistakes);
        last.NoHabit.ShouldBeGreaterThan(first.NoHabit);
        last.Named.ShouldBeEmpty();
        foreach (string flaw in Flaws.Where(f => f.Data.Item1 == "draw").Select(f => f.Data.Item2))
        {
            double Of(Beliefs beliefs) =>
                beliefs.Habits.FirstOrDefault(h => h.Mistake == flaw)?.Likelihood ?? 0;
            Of(last).ShouldBeLessThanOrEqualTo(Of(first) + 0.01, flaw);
        }
    }

    // Graduations counted instead of spaces: one degree more, which a hand may stray as well. It takes more to be sure.
    [Fact]
    public void What_noise_may_look_like_is_named_only_when_it_is_sure()
    {
        ExerciseKind kind = ExerciseKinds.Find("measure")!;
        int sure = 0;
        for (int seed = 0; seed < 60; seed++)
        {
            var student = new SimulatedStudent("Bo", [], new Hand(0, 0, 1, 0));
            var random = new SeededRandom(seed, stream: 5);
            Beliefs found = HabitFinder.Find(
                [
                    .. SetGenerator
                        .Generate(new SetSpecification([new KindCount("measure", 8)]), seed)
                        .Items.SelectMany(i =>
                            kind.Weigh(i.Item, kind.Attempt(i.Item, student, random), 2)
                        ),
                ],
                kind.Mistakes
            );
            HabitBelief? counted = found.Habits.FirstOrDefault(h =>
                h.Mistake == "counted-graduations"
            );
            if (counted is not null)
            {
                counted.Named.ShouldBe(counted.Likelihood >= HabitFinder.WithinNoiseNamedFrom);
                sure += counted.Named ? 1 : 0;
            }
        }
        sure.ShouldBeLessThanOrEqualTo(1);
    }
}
