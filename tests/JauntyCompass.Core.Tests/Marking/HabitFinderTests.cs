using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

public class HabitFinderTests
{
    private static readonly string[] Targets =
    [
        "other-scale",
        "wrong-ten",
        "ticks-backwards",
        "ten-from-other-scale",
        "swapped-digits",
    ];

    private static readonly Hand OneDegree = new(0, 0, 1, 0);

    private static Beliefs Believed(int items, int seed, params Habit[] habits)
    {
        SetSpecification spec = new([new KindCount("measure", items)], Mistakes: Targets);
        var student = new SimulatedStudent("Bo", habits, OneDegree);
        var random = new SeededRandom(seed, stream: 5);
        var evidence = new List<AnswerEvidence>();
        foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
        {
            ExerciseKind kind = ExerciseKinds.Of(made.Item);
            var response = (MeasureResponse)kind.Attempt(made.Item, student, random);
            evidence.AddRange(
                kind.Weigh(made.Item, response with { Placement = null, KindSaid = null }, 2)
            );
        }
        return HabitFinder.Find(evidence, [.. Targets.Select(k => MistakeCatalogue.Find(k)!)]);
    }

    // A ten off is also what a hand writes that lapses: of that it must be seen more often.
    [Theory]
    [InlineData("other-scale", 0.5)]
    [InlineData("wrong-ten", 0.6)]
    [InlineData("ticks-backwards", 0.5)]
    [InlineData("ten-from-other-scale", 0.5)]
    [InlineData("swapped-digits", 0.5)]
    public void A_habit_that_shows_now_and_then_is_named_and_no_other(string habit, double share)
    {
        const int Students = 60;
        int right = Enumerable
            .Range(0, Students)
            .Count(s =>
                Believed(8, s, new Habit(MistakeCatalogue.Find(habit)!, share))
                    .Named.SequenceEqual([habit])
            );
        right.ShouldBeGreaterThan(Students * 85 / 100);
    }

    // A careful student whose mind wanders: now and again a number is a five or a ten off, whichever way.
    [Theory]
    [InlineData(5)]
    [InlineData(10)]
    public void Who_lapses_is_not_accused(int count)
    {
        const int Students = 300;
        Mistake[] among = [.. ExerciseKinds.Find("measure")!.Mistakes];
        int accused = Enumerable
            .Range(0, Students)
            .Count(seed =>
            {
                var random = SeededRandom.Named(seed, "lapses");
                SetSpecification spec = new([new KindCount("measure", count)], Mistakes: Targets);
                var evidence = new List<AnswerEvidence>();
                foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
                {
                    ExerciseKind kind = ExerciseKinds.Of(made.Item);
                    double read = kind.Steps(made.Item, null)[^1].Degrees!.Value;
                    read += random.Normal(0.7);
                    read += random.Chance(0.1) ? new[] { -10, -5, 5, 10 }[random.Below(4)] : 0;
                    evidence.AddRange(
                        kind.Weigh(made.Item, new MeasureResponse(Math.Round(read)), 2)
                    );
                }
                return HabitFinder.Find(evidence, among).Named.Any();
            });
        // Two of a hundred.
        accused.ShouldBeLessThanOrEqualTo(Students * 2 / 100);
    }

    // All answers without a fault but one: that is a slip, whichever mistake it was.
    [Theory]
    [InlineData(4)]
    [InlineData(5)]
    [InlineData(10)]
    public void What_showed_once_is_no_habit(int count)
    {
        SetSpecification spec = new([new KindCount("measure", count)], Mistakes: Targets);
        for (int seed = 0; seed < 8; seed++)
        {
            Item[] items = [.. SetGenerator.Generate(spec, seed).Items.Select(i => i.Item)];
            for (int slip = 0; slip < items.Length; slip++)
            {
                var evidence = new List<AnswerEvidence>();
                for (int i = 0; i < items.Length; i++)
                {
                    ExerciseKind kind = ExerciseKinds.Of(items[i]);
                    double right = kind.Steps(items[i], null)[^1].Degrees!.Value;
                    double read = i == slip ? 180 - right : right;
                    evidence.AddRange(kind.Weigh(items[i], new MeasureResponse(read), 2));
                }
                HabitFinder
                    .Find(evidence, [.. Targets.Select(k => MistakeCatalogue.Find(k)!)])
                    .Named.ShouldBeEmpty($"seed {seed}, item {slip}");
            }
        }
    }

    [Fact]
    public void Two_habits_at_once_are_both_named()
    {
        const int Students = 60;
        int right = Enumerable
            .Range(0, Students)
            .Count(s =>
                Believed(10, s, Habit.Of<OtherScale>(0.5), Habit.Of<WrongTen>(0.5))
                    .Named.Order()
                    .SequenceEqual(["other-scale", "wrong-ten"])
            );
        right.ShouldBeGreaterThanOrEqualTo(Students * 75 / 100);
    }

    [Property(MaxTest = 60)]
    public void Noise_alone_is_no_habit(int seed)
    {
        Believed(8, seed).Named.ShouldBeEmpty();
    }

    [Property(MaxTest = 30)]
    public void Likelihoods_are_probabilities_and_sorted(int seed, bool wrong)
    {
        Beliefs found = wrong ? Believed(6, seed, Habit.Of<OtherScale>(0.7)) : Believed(6, seed);
        found.Answers.ShouldBe(6);
        found.NoHabit.ShouldBeInRange(0, 1);
        double[] likelihoods = [.. found.Habits.Select(h => h.Likelihood)];
        likelihoods.ShouldAllBe(l => l > 0 && l <= 1 + 1e-9);
        likelihoods.ShouldBe(likelihoods.OrderDescending());
    }

    [Fact]
    public void Nothing_answered_is_nothing_known()
    {
        HabitFinder.Find([], MistakeCatalogue.Reading).ShouldBe(Beliefs.None);
    }

    // On two scales nobody can take the only scale's number: that it is in the list of the kind must weigh nothing.
    [Property(MaxTest = 30)]
    public void What_could_show_in_none_of_the_answers_changes_nothing(int seed, bool wrong)
    {
        SetSpecification spec = new([new KindCount("measure", 6)], Mistakes: Targets);
        Habit[] habits = wrong ? [Habit.Of<TicksBackwards>(0.6)] : [];
        var student = new SimulatedStudent("Bo", habits, OneDegree);
        var random = new SeededRandom(seed, stream: 5);
        List<AnswerEvidence> evidence =
        [
            .. SetGenerator
                .Generate(spec, seed)
                .Items.SelectMany(made =>
                {
                    ExerciseKind kind = ExerciseKinds.Of(made.Item);
                    var response = (MeasureResponse)kind.Attempt(made.Item, student, random);
                    return kind.Weigh(made.Item, response with { Placement = null }, 2);
                }),
        ];
        List<Mistake> few = [.. Targets.Select(k => MistakeCatalogue.Find(k)!)];
        Beliefs without = HabitFinder.Find(evidence, few);
        Beliefs with = HabitFinder.Find(
            evidence,
            [.. few, MistakeCatalogue.Find("only-scale-other-way")!]
        );
        with.Habits.Select(h => h.Mistake).ShouldBe(without.Habits.Select(h => h.Mistake));
        with.NoHabit.ShouldBe(without.NoHabit, 1e-12);
        // Weighed once more, from what is remembered of each pair: the same.
        HabitFinder.Find(evidence, few).NoHabit.ShouldBe(without.NoHabit, 1e-12);
    }

    // An answer that two mistakes explain goes to the one this student is known for.
    [Fact]
    public void What_a_student_did_before_decides_between_two_causes()
    {
        var item = (MeasureItem)
            SetGenerator
                .Generate(
                    new SetSpecification(
                        [new KindCount("measure", 1)],
                        From: 55,
                        To: 55,
                        Step: MeasureStep.Fives
                    ),
                    1
                )
                .Items[0]
                .Item;
        ExerciseKind kind = ExerciseKinds.Of(item);
        // 55: taken from the other scale 125; ten from the other scale gives 125, too.
        var response = new MeasureResponse(125);
        Mark unknown = kind.Mark(item, response, MarkingRules.Usual);
        var known = MarkingRules.Usual with
        {
            History = new Beliefs(
                5,
                0,
                [new HabitBelief("ten-from-other-scale", Text.Units.Yes, 0.95, Named: true)]
            ),
        };
        double before = Of(unknown, "ten-from-other-scale");
        double after = Of(kind.Mark(item, response, known), "ten-from-other-scale");
        after.ShouldBeGreaterThan(before * 2);
    }

    private static double Of(Mark mark, string mistake) =>
        mark.Causes.FirstOrDefault(c => c.Mistake == mistake)?.Likelihood ?? 0;
}
