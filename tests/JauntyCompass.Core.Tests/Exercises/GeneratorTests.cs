using System.Text.Json;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Validation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

public class GeneratorTests
{
    private static SetSpecification Spec(int measure = 6, int draw = 4) =>
        new(
            [
                .. new[] { new KindCount("measure", measure), new KindCount("draw", draw) }.Where(
                    k => k.Count > 0
                ),
            ],
            Tilt: Tilt.Mixed,
            Arms: ArmLengths.Mixed
        );

    private static string Json(IReadOnlyList<GeneratedItem> items) =>
        JsonSerializer.Serialize(items.Select(i => i.Item), ExerciseJson.Options);

    [Property(MaxTest = 30)]
    public void The_same_seed_gives_the_same_set_and_another_seed_another(int seed)
    {
        Json(SetGenerator.Generate(Spec(), seed).Items)
            .ShouldBe(Json(SetGenerator.Generate(Spec(), seed).Items));
        Json(SetGenerator.Generate(Spec(), seed).Items)
            .ShouldNotBe(Json(SetGenerator.Generate(Spec(), seed ^ 1).Items));
    }

    // pcg32 with seed 42 and stream 54: first numbers of the algorithm's published demonstration program.
    [Fact]
    public void The_random_numbers_are_those_of_the_published_algorithm()
    {
        var random = new SeededRandom(42, 54);
        uint[] first =
        [
            random.Next(),
            random.Next(),
            random.Next(),
            random.Next(),
            random.Next(),
            random.Next(),
        ];
        first.ShouldBe([
            0xa15c02b7u,
            0x7b47f409u,
            0xba1d3330u,
            0x83d2f293u,
            0xbfa4784bu,
            0xcbed606eu,
        ]);
    }

    [Property(MaxTest = 40)]
    public void Items_are_neither_alike_nor_supplementary_nor_at_a_boundary(int seed)
    {
        double[] answers =
        [
            .. SetGenerator.Generate(Spec(12, 8), seed).Items.Select(i => i.Degrees!.Value),
        ];
        answers.Distinct().Count().ShouldBe(20);
        answers.ShouldAllBe(a => answers.All(b => a + b != 180));
        answers.ShouldAllBe(a => a > 4 && a < 176 && Math.Abs(a - 90) > 2);
        Math.Abs(answers.Count(a => a > 90) - 10).ShouldBeLessThanOrEqualTo(1);
    }

    [Property(MaxTest = 30)]
    public void Its_own_key_is_accepted_and_each_mistake_in_the_strip_is_not(int seed)
    {
        foreach (GeneratedItem generated in SetGenerator.Generate(Spec(8, 0), seed).Items)
        {
            ExerciseKind kind = ExerciseKinds.Of(generated.Item);
            kind.Mark(
                    generated.Item,
                    new MeasureResponse(generated.Degrees!.Value),
                    MarkingRules.Usual
                )
                .Verdict.ShouldBe(Verdict.Accepted);
            foreach (MistakePrediction entry in generated.Predictions.Where(e => e.Shows))
            {
                foreach (double answer in entry.Answers.Select(a => a.Degrees!.Value))
                {
                    kind.Mark(generated.Item, new MeasureResponse(answer), MarkingRules.Usual)
                        .Verdict.ShouldNotBe(Verdict.Accepted);
                }
            }
        }
    }

    [Property(MaxTest = 30)]
    public void Chosen_measures_let_the_targeted_mistakes_show(int seed)
    {
        SetSpecification spec = Spec(5, 0) with
        {
            Mistakes = ["other-scale", "wrong-ten", "ticks-backwards"],
        };
        foreach (GeneratedItem item in SetGenerator.Generate(spec, seed).Items)
        {
            item.Predictions.Where(e => spec.Mistakes!.Contains(e.Mistake))
                .Count(e => e.Shows)
                .ShouldBe(3);
        }
    }

    [Property(MaxTest = 20)]
    public void A_perfect_student_is_accepted_at_every_item_of_every_kind(int seed)
    {
        var student = new SimulatedStudent("Ada", [], Hand.Perfect);
        foreach (GeneratedItem item in SetGenerator.Generate(Spec(), seed).Items)
        {
            ExerciseKind kind = ExerciseKinds.Of(item.Item);
            Response response = kind.Attempt(item.Item, student, new SeededRandom(seed));
            kind.Mark(item.Item, response, MarkingRules.Usual).Verdict.ShouldBe(Verdict.Accepted);
        }
    }

    [Theory]
    [InlineData("other-scale")]
    [InlineData("wrong-ten")]
    [InlineData("ticks-backwards")]
    [InlineData("straight-edge-for-zero-line")]
    [InlineData("zero-line-off")]
    public void A_habit_that_always_shows_is_the_cause_named_most(string habit)
    {
        var student = new SimulatedStudent(
            "Bo",
            [new Habit(MistakeCatalogue.Find(habit)!, 1)],
            Hand.Careful
        );
        var named = new Dictionary<string, int>();
        for (int seed = 0; seed < 10; seed++)
        {
            foreach (GeneratedItem item in SetGenerator.Generate(Spec(6, 0), seed).Items)
            {
                ExerciseKind kind = ExerciseKinds.Of(item.Item);
                Response response = kind.Attempt(
                    item.Item,
                    student,
                    new SeededRandom(seed * 100 + (int)item.Degrees!.Value)
                );
                string? cause = kind.Mark(item.Item, response, MarkingRules.Usual).LikelyCause;
                if (cause is not null)
                {
                    named[cause] = named.GetValueOrDefault(cause) + 1;
                }
            }
        }
        named.MaxBy(n => n.Value).Key.ShouldBe(habit);
        ((double)named[habit] / named.Values.Sum()).ShouldBeGreaterThan(0.8);
    }

    [Theory]
    [InlineData("gap-at-vertex")]
    [InlineData("missed-own-dot")]
    [InlineData("arm-too-short")]
    [InlineData("opens-wrong-way")]
    [InlineData("other-scale")]
    public void A_habit_of_drawing_is_named_at_nearly_every_drawing(string habit)
    {
        var student = new SimulatedStudent(
            "Bo",
            [new Habit(MistakeCatalogue.Find(habit)!, 1)],
            Hand.Careful
        );
        int named = 0;
        for (int seed = 0; seed < 10; seed++)
        {
            foreach (
                GeneratedItem item in SetGenerator
                    .Generate(Spec(0, 6) with { Kinds = [new KindCount("draw", 6)] }, seed)
                    .Items
            )
            {
                ExerciseKind kind = ExerciseKinds.Of(item.Item);
                Response response = kind.Attempt(
                    item.Item,
                    student,
                    new SeededRandom(seed * 100 + (int)item.Degrees!.Value)
                );
                named +=
                    kind.Mark(item.Item, response, MarkingRules.Usual).LikelyCause == habit ? 1 : 0;
            }
        }
        // A ray that strays by 4 mm costs 3°, which a slip of the eye costs too: not every one is the dot's to explain.
        named.ShouldBeGreaterThan(48);
    }

    [Fact]
    public void Items_and_responses_survive_a_round_trip_through_json()
    {
        foreach (GeneratedItem generated in SetGenerator.Generate(Spec(), 5).Items)
        {
            string once = JsonSerializer.Serialize(generated.Item, ExerciseJson.Options);
            Item back = JsonSerializer.Deserialize<Item>(once, ExerciseJson.Options)!;
            JsonSerializer.Serialize(back, ExerciseJson.Options).ShouldBe(once);
            back.GetType().ShouldBe(generated.Item.GetType());
            ValidationErrors.Of(back).Found.ShouldBeEmpty();
        }
    }

    [Fact]
    public void Wishes_that_collide_are_refused_with_the_nearest_that_can_be_had()
    {
        SetSpecification rights = Spec(6, 0) with { AngleKinds = [AngleKind.Right] };
        SpecificationConflictException error = Should.Throw<SpecificationConflictException>(() =>
            SetGenerator.Generate(rights, 1)
        );
        error.Collision.Said().ShouldContain("6");
        error.Collision.Said().ShouldContain("only 1");
    }

    [Fact]
    public void A_specification_out_of_range_names_each_field_and_its_range()
    {
        var spec = new SetSpecification(
            [new KindCount("juggle", 0)],
            From: 0,
            To: 400,
            Instrument: "spoon",
            Mistakes: ["yawn"],
            Tolerance: double.NaN
        );
        string[] fields = [.. ValidationErrors.Of(spec).Found.Select(f => f.Field)];
        fields.ShouldBe([
            "kinds[0].kind",
            "kinds[0].count",
            "from",
            "to",
            "tolerance",
            "instrument",
            "mistakes[0]",
        ]);
        ValidationErrors.Of(spec).Found.ShouldAllBe(f => f.Message.Said().EndsWith('.'));
    }
}
