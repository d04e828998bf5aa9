using FsCheck.Xunit;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.ByEye;
using JauntyCompass.Core.Exercises.Kinds.Clock;
using JauntyCompass.Core.Exercises.Kinds.Compare;
using JauntyCompass.Core.Exercises.Kinds.FindMistake;
using JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;
using JauntyCompass.Core.Exercises.Kinds.Reflex;
using JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;
using JauntyCompass.Core.Exercises.Kinds.WhichKind;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>No two items of a set are alike, another seed gives other numbers, and each student has their own.</summary>
public class VarietyTests
{
    private static T[] Items<T>(string kind, int count, int seed)
        where T : Item =>
        [
            .. SetGenerator
                .Generate(new SetSpecification([new KindCount(kind, count)]), seed)
                .Items.Select(i => (T)i.Item),
        ];

    private static int Unlike<TItem, TKey>(string kind, int count, int seed, Func<TItem, TKey> key)
        where TItem : Item => Items<TItem>(kind, count, seed).Select(key).Distinct().Count();

    [Property(MaxTest = 15)]
    public void What_a_kind_has_of_varieties_comes_in_turn(int seed)
    {
        Unlike("draw-by-eye", 6, seed, (DrawByEyeItem i) => i.Measure).ShouldBe(6);
        Unlike("draw-special", 4, seed, (DrawSpecialItem i) => i.Wanted).ShouldBe(4);
        Unlike("reflex", 2, seed, (ReflexItem i) => i.Method).ShouldBe(2);
        Unlike("instrument-question", 8, seed, (InstrumentQuestionItem i) => i.Prompt).ShouldBe(8);
        Unlike("clock", 9, seed, (ClockItem i) => (i.Question, i.Hour, i.Minute, i.Minutes))
            .ShouldBe(9);
        Items<ClockItem>("clock", 9, seed)
            .CountBy(i => i.Question)
            .ShouldAllBe(question => question.Value == 3);
        Items<WhichKindItem>("which-kind", 10, seed)
            .Count(i => i.Angle.Measure.Degrees == 180)
            .ShouldBe(1);
        Items<CompareItem>("compare", 5, seed)
            .Count(i => i.First.Measure == i.Second.Measure)
            .ShouldBe(1);
    }

    // At some measures a mistake leads to nothing that is wrong, and another stands in for it.
    [Fact]
    public void Somebody_else_hardly_ever_makes_the_same_mistake_twice()
    {
        int[] unlike =
        [
            .. Enumerable
                .Range(0, 200)
                .Select(seed => Unlike("find-mistake", 5, seed, (FindMistakeItem i) => i.Mistake)),
        ];
        unlike.Min().ShouldBeGreaterThan(2);
        unlike.Average().ShouldBeGreaterThan(4.8);
    }

    [Fact]
    public void Another_seed_gives_other_numbers()
    {
        double[][] sets =
        [
            .. Enumerable
                .Range(1, 12)
                .Select(seed =>
                    SetGenerator
                        .Generate(new SetSpecification([new KindCount("measure", 6)]), seed)
                        .Items.Select(i => i.Degrees!.Value)
                        .ToArray()
                ),
        ];
        List<int> alike = [];
        for (int a = 0; a < sets.Length; a++)
        {
            for (int b = 0; b < a; b++)
            {
                alike.Add(sets[a].Intersect(sets[b]).Count());
            }
        }
        alike.Average().ShouldBeLessThan(2.5);
        alike.Count(n => n == 6).ShouldBe(0);
    }

    [Theory]
    [InlineData("measure")]
    [InlineData("estimate")]
    [InlineData("read-laid")]
    [InlineData("both-arms")]
    [InlineData("reflex")]
    [InlineData("full-turn")]
    [InlineData("range")]
    [InlineData("figure-angles")]
    [InlineData("find-mistake")]
    [InlineData("draw")]
    [InlineData("clock")]
    [InlineData("exactly")]
    public void Each_form_has_numbers_of_its_own(string kind)
    {
        const int Forms = 4;
        const int Count = 5;
        for (int seed = 1; seed <= 4; seed++)
        {
            GeneratedSet set = SetGenerator.Generate(
                new SetSpecification([new KindCount(kind, Count)], Forms: Forms),
                seed
            );
            IReadOnlyList<Item>[] forms =
            [
                [.. set.Items.Select(i => i.Item)],
                .. set.Forms,
            ];
            // A sum of angles, or a letter, says nothing of the numbers: they stand in the item.
            string[][] asked =
            [
                .. Enumerable
                    .Range(0, Count)
                    .Select(place => forms.Select(f => Numbers(f[place])).ToArray()),
            ];
            asked.Count(place => place.Distinct().Count() == Forms).ShouldBe(Count);
        }

        static string Numbers(Item item)
        {
            GeneratedItem made = GeneratedItem.Of(item, 2);
            return item.Prompt + string.Join('|', made.Key.Select(k => k.Answer));
        }
    }
}
