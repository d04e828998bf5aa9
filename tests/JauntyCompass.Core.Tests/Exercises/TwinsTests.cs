using System.Text.Json;
using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>“Another like it”: other numbers, the same mistake to be met again.</summary>
public class TwinsTests
{
    private const int Items = 4;

    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    private static SetSpecification Spec(string kind, int forms = 1) =>
        new([new KindCount(kind, Items)], Forms: forms);

    private static string Json(object value) =>
        JsonSerializer.Serialize(value, ExerciseJson.Options);

    // Mistakes of which it is predicted that they show at some step of an item.
    private static string[] Showing(Item item, double tolerance) =>
        [
            .. ExerciseKinds
                .Of(item)
                .Steps(item, null)
                .SelectMany(s => s.Predict(tolerance))
                .Where(f => f.Shows)
                .Select(f => f.Mistake.Key)
                .Distinct(),
        ];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Whatever_went_wrong_would_show_again_at_the_twin(string key)
    {
        SetSpecification spec = Spec(key);
        for (int seed = 1; seed <= 3; seed++)
        {
            GeneratedSet set = SetGenerator.Generate(spec, seed);
            for (int i = 0; i < Items; i++)
            {
                Item item = set.Items[i].Item;
                foreach (string cause in Showing(item, spec.Tolerance))
                {
                    Item twin = Twins.Of(spec, seed, i, item, cause, 1).ShouldNotBeNull(cause);
                    ExerciseKinds.Of(twin).Key.ShouldBe(key);
                    Json(twin).ShouldNotBe(Json(item));
                    Showing(twin, spec.Tolerance).ShouldContain(cause);
                }
            }
        }
    }

    [Theory]
    [InlineData("measure", "other-scale")]
    [InlineData("measure", "ticks-backwards")]
    [InlineData("measure", "swapped-digits")]
    [InlineData("read-laid", "start-not-subtracted")]
    [InlineData("reflex", "smaller-for-reflex")]
    [InlineData("clock", "hour-hand-not-moved")]
    [InlineData("draw", "wrong-ten")]
    public void Who_makes_a_mistake_at_the_item_makes_it_at_the_twin(string key, string cause)
    {
        SetSpecification spec = Spec(key);
        ExerciseKind kind = ExerciseKinds.Find(key)!;
        var student = new SimulatedStudent(
            "Bo",
            [new Habit(MistakeCatalogue.Find(cause)!, 1)],
            Hand.Perfect
        );
        int met = 0;
        for (int seed = 1; seed <= 5; seed++)
        {
            GeneratedSet set = SetGenerator.Generate(spec, seed);
            for (int i = 0; i < Items; i++)
            {
                Item item = set.Items[i].Item;
                if (MarkOf(item).LikelyCause == cause)
                {
                    met++;
                    MarkOf(Twins.Of(spec, seed, i, item, cause, 1)!)
                        .Verdict.ShouldBe(Verdict.NotYet);
                }
            }
        }
        met.ShouldBeGreaterThan(0);

        Mark MarkOf(Item item) =>
            kind.Mark(item, kind.Attempt(item, student, new SeededRandom(7)), MarkingRules.Usual);
    }

    [Property(MaxTest = 15)]
    public void Twins_are_unlike_the_item_and_each_other_and_always_the_same(int seed)
    {
        const int Form = 5;
        SetSpecification spec = Spec("measure", forms: SetSpecification.MostForms);
        Item own = SetGenerator.Generate(spec, seed).Forms[Form][2];
        List<Item> twins =
        [
            .. Enumerable.Range(1, 6).Select(n => Twins.Of(spec, seed, 2, own, null, n)!),
        ];
        List<double> asked = [.. twins.Append(own).Select(Degrees)];
        for (int a = 0; a < asked.Count; a++)
        {
            for (int b = 0; b < a; b++)
            {
                Math.Abs(asked[a] - asked[b]).ShouldBeGreaterThan(spec.Tolerance);
            }
        }
        Json(Twins.Of(spec, seed, 2, own, null, 4)!).ShouldBe(Json(twins[3]));

        static double Degrees(Item item) => GeneratedItem.Of(item, 2).Degrees!.Value;
    }

    [Fact]
    public void An_item_that_stands_elsewhere_in_its_set_has_twins_too()
    {
        // As in a set of an earlier generator, or in one that was put together by hand.
        var spec = new SetSpecification([new KindCount("draw", 2), new KindCount("measure", 2)]);
        Item item = SetGenerator.Generate(Spec("measure"), seed: 9).Items[0].Item;
        Item twin = Twins.Of(spec, 9, 0, item, "other-scale", 1).ShouldNotBeNull();
        ExerciseKinds.Of(twin).Key.ShouldBe("measure");
    }

    [Fact]
    public void There_are_no_twins_out_of_nothing()
    {
        Item item = SetGenerator.Generate(Spec("measure"), seed: 9).Items[0].Item;
        Twins.Of(Spec("draw"), 9, 0, item, null, 1).ShouldBeNull();
        Twins.Of(Spec("measure"), 9, 0, item, null, 0).ShouldBeNull();
        Twins.Of(Spec("measure"), 9, 0, item, null, Twins.Most + 1).ShouldBeNull();
    }
}
