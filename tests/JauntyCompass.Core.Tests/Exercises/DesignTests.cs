using System.Text.Json;
using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Validation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Sets as wholes: parallel forms, order, what they tell, wishes that collide.</summary>
public class DesignTests
{
    private static SetSpecification Spec(int items = 6, int forms = 1) =>
        new(
            [new KindCount("measure", items)],
            Mistakes: ["other-scale", "wrong-ten", "ticks-backwards", "swapped-digits"],
            Forms: forms
        );

    private static string Json(object value) =>
        JsonSerializer.Serialize(value, ExerciseJson.Options);

    private static int[] Measures(IEnumerable<Item> items) =>
        [.. items.Cast<MeasureItem>().Select(i => (int)i.Angle.Measure.Degrees)];

    [Property(MaxTest = 20)]
    public void Parallel_forms_have_their_own_numbers_and_are_alike_in_all_else(int seed)
    {
        GeneratedSet set = SetGenerator.Generate(Spec(6, forms: 6), seed);
        set.Forms.Count.ShouldBe(5);
        Item[] first = [.. set.Items.Select(i => i.Item)];
        foreach (IReadOnlyList<Item> form in set.Forms)
        {
            int[] own = Measures(form);
            own.Distinct().Count().ShouldBe(own.Length);
            own.ShouldAllBe(m => own.All(other => m + other != 180 || m == other));
            for (int i = 0; i < own.Length; i++)
            {
                var one = (MeasureItem)first[i];
                var other = (MeasureItem)form[i];
                other.Angle.Measure.Kind.ShouldBe(one.Angle.Measure.Kind);
                other.Angle.Opening.ShouldBe(one.Angle.Opening);
                Showing(other).ShouldBe(Showing(one));
            }
        }
        set.Forms.Count(f => Measures(f).SequenceEqual(Measures(first))).ShouldBe(0);

        static string Showing(Item item) =>
            string.Join(
                ' ',
                GeneratedItem
                    .Of(item, 2)
                    .Predictions.Where(e => e.Shows && Spec().Mistakes!.Contains(e.Mistake))
                    .Select(e => e.Mistake)
            );
    }

    [Property(MaxTest = 15)]
    public void The_same_wishes_and_seed_give_the_same_set_byte_for_byte(int seed)
    {
        SetSpecification spec = Spec(4, forms: 3) with
        {
            Kinds = [.. ExerciseKinds.All.Select(k => new KindCount(k.Key, 1))],
            Mistakes = null,
            Order = ItemOrder.Mixed,
        };
        Json(SetGenerator.Generate(spec, seed)).ShouldBe(Json(SetGenerator.Generate(spec, seed)));
    }

    [Property(MaxTest = 15)]
    public void From_easy_to_hard_begins_with_what_needs_no_instrument(int seed)
    {
        SetSpecification spec = new(
            [
                new KindCount("range", 2),
                new KindCount("which-kind", 2),
                new KindCount("measure", 2),
            ],
            Order: ItemOrder.Rising
        );
        string[] kinds =
        [
            .. SetGenerator.Generate(spec, seed).Items.Select(i => ExerciseKinds.Of(i.Item).Key),
        ];
        kinds[0].ShouldBe("which-kind");
        kinds[^1].ShouldBe("range");
    }

    [Fact]
    public void A_set_says_which_mistakes_it_shows_and_which_it_cannot_tell()
    {
        SetReport report = SetGenerator.Generate(Spec(), 3).Report;
        report.Shown.Select(s => s.Mistake).ShouldBe(Spec().Mistakes!, ignoreOrder: true);
        report.Cannot.ShouldBeEmpty();

        // At multiples of ten the ones are none: what is done with ones cannot show, and that is said.
        SetReport tens = SetGenerator.Generate(Spec() with { Step = MeasureStep.Tens }, 3).Report;
        tens.Cannot.ShouldContain(c => c.Mistake == "ticks-backwards" && c.Other == null);
        tens.Cannot.ShouldAllBe(c => c.Why.Said().EndsWith('.'));
    }

    [Fact]
    public void Two_mistakes_that_give_the_same_number_everywhere_are_named_together()
    {
        SetSpecification fives = new(
            [new KindCount("measure", 4)],
            Step: MeasureStep.Fives,
            Mistakes: ["other-scale", "ten-from-other-scale"]
        );
        SetReport report = SetGenerator.Generate(fives, 9).Report;
        bool told = report.Cannot.Any(c =>
            c.Other is not null || c.Mistake == "ten-from-other-scale"
        );
        bool apart = report.Shown.Count == 2 && report.Cannot.Count == 0;
        (told || apart).ShouldBeTrue();
    }

    [Theory]
    [InlineData("reflex-arc-inside", "none of the kinds you chose can show that")]
    [InlineData("hour-hand-not-moved", "Hands of a clock")]
    public void A_mistake_that_no_chosen_kind_can_show_collides(string mistake, string says) =>
        Should
            .Throw<SpecificationConflictException>(() =>
                SetGenerator.Generate(Spec() with { Mistakes = [mistake] }, 1)
            )
            .Collision.Said()
            .ShouldContain(says);

    [Fact]
    public void Both_scales_on_an_instrument_with_one_collide()
    {
        SpecificationConflictException error = Should.Throw<SpecificationConflictException>(() =>
            SetGenerator.Generate(
                Spec() with
                {
                    Instrument = "one-scale-right",
                    Mistakes = ["other-scale"],
                },
                1
            )
        );
        error.Collision.Said().ShouldContain("one scale only");
    }

    [Theory]
    [MemberData(nameof(Ready))]
    public void Every_ready_set_can_be_made_and_is_worth_its_name(string key)
    {
        ReadySet ready = ReadySets.All.Single(r => r.Key == key);
        ValidationErrors.Of(ready.Specification).Found.ShouldBeEmpty();
        for (int seed = 0; seed < 5; seed++)
        {
            GeneratedSet set = SetGenerator.Generate(ready.Specification with { Forms = 3 }, seed);
            set.Items.Count.ShouldBe(ready.Specification.Count);
            foreach (
                Item item in set.Items.Select(i => i.Item).Concat(set.Forms.SelectMany(f => f))
            )
            {
                ValidationErrors.Of(item).Found.ShouldBeEmpty();
            }
        }
    }

    public static TheoryData<string> Ready => [.. ReadySets.All.Select(r => r.Key)];
}
