using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Adaptive;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

public class AdaptivePoolTests
{
    private static readonly IReadOnlyList<Mistake> Among =
    [
        .. new[] { "other-scale", "wrong-ten", "ticks-backwards", "swapped-digits" }.Select(k =>
            MistakeCatalogue.Find(k)!
        ),
    ];

    private static Item[] Items(int count, int seed, MeasureStep step = MeasureStep.Any) =>
        [
            .. SetGenerator
                .Generate(new SetSpecification([new KindCount("measure", count)], Step: step), seed)
                .Items.Select(i => i.Item),
        ];

    private static (Dictionary<int, Response> Answered, NextChoice End) Ask(
        Item[] items,
        SimulatedStudent student,
        int limit,
        int seed
    )
    {
        var pool = AdaptivePool.Of(items, Among, 2);
        var random = new SeededRandom(seed);
        var answered = new Dictionary<int, Response>();
        NextChoice next = pool.Next(answered, limit);
        while (next.Item is int item)
        {
            answered.ShouldNotContainKey(item);
            answered[item] = ExerciseKinds.Of(items[item]).Attempt(items[item], student, random);
            next = pool.Next(answered, limit);
        }
        return (answered, next);
    }

    [Property(MaxTest = 40)]
    public void It_ends_when_something_is_known_or_the_limit_is_reached(int seed, byte habit)
    {
        Mistake kept = Among[habit % Among.Count];
        var student = new SimulatedStudent("Bo", [new Habit(kept, 0.6)], Hand.Careful);
        (Dictionary<int, Response> answered, NextChoice end) = Ask(
            Items(14, seed & 0xffff),
            student,
            limit: 9,
            seed
        );
        (end.Known || answered.Count == 9).ShouldBeTrue();
        answered.Count.ShouldBeInRange(1, 9);
        if (end.Known && end.Beliefs.Habits is [{ Likelihood: > 0.5 } likeliest, ..])
        {
            likeliest.Likelihood.ShouldBeGreaterThanOrEqualTo(AdaptivePool.KnownFrom);
        }
    }

    [Fact]
    public void A_habit_that_always_shows_is_named_after_a_few_items()
    {
        foreach (Mistake habit in Among)
        {
            var student = new SimulatedStudent("Bo", [new Habit(habit, 1)], Hand.Perfect);
            (Dictionary<int, Response> answered, NextChoice end) = Ask(
                Items(14, 3),
                student,
                12,
                1
            );
            end.Beliefs.Named.ShouldBe([habit.Key]);
            answered.Count.ShouldBeLessThanOrEqualTo(5, habit.Key);
        }
    }

    [Fact]
    public void An_item_at_which_mistakes_look_alike_is_asked_after_one_at_which_they_do_not()
    {
        // At a multiple of ten neither swapped digits of 90 − 9 nor backward ticks can be told from right.
        Item[] dull = Items(1, 5, MeasureStep.Tens);
        Item[] telling = Items(1, 5);
        var pool = AdaptivePool.Of([.. dull, .. telling], Among, 2);
        pool.Next(new Dictionary<int, Response>(), 2).Item.ShouldBe(1);
    }

    [Fact]
    public void The_order_in_which_answers_are_told_does_not_matter()
    {
        Item[] items = Items(8, 11);
        var pool = AdaptivePool.Of(items, Among, 2);
        var one = new Dictionary<int, Response>
        {
            [2] = new MeasureResponse(40),
            [5] = new MeasureResponse(101),
        };
        var other = new Dictionary<int, Response> { [5] = one[5], [2] = one[2] };
        NextChoice first = pool.Next(one, 8);
        NextChoice second = pool.Next(other, 8);
        second.Item.ShouldBe(first.Item);
        second.Gain.ShouldBe(first.Gain);
    }

    [Fact]
    public void Choosing_and_generating_end_when_nobody_waits_for_them_any_more()
    {
        Item[] items = Items(4, 3);
        var gone = new CancellationToken(canceled: true);
        Should.Throw<OperationCanceledException>(() => AdaptivePool.Of(items, Among, 2, gone));
        Should.Throw<OperationCanceledException>(() =>
            SetGenerator.Generate(new SetSpecification([new KindCount("measure", 4)]), 3, gone)
        );
    }
}
