using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Varieties in turn, in one form and from form to form; kinds that are not about the measures that are wished for.</summary>
public class TurnsTests
{
    private static ItemPlan Plan(Rotation turn) =>
        new(
            new Angle(default, default, new Measure(50), TurnDirection.Anticlockwise, 80, 80),
            InstrumentCatalogue.DeskHalfCircle,
            new AngleNames("K", "L", "M"),
            Theme.Plain,
            0,
            turn,
            new SeededRandom(1),
            new SeededRandom(2)
        )
        {
            Tolerance = 2,
        };

    private static int[] Varieties(byte count) => [.. Enumerable.Range(10, 1 + count % 12)];

    [Property]
    public void Each_variety_comes_once_before_any_comes_again(int seed, byte count)
    {
        int[] all = Varieties(count);
        int[] first = [.. Enumerable.Range(0, all.Length).Select(At)];
        first.Order().ShouldBe(all);
        Enumerable.Range(all.Length, all.Length).Select(At).ShouldBe(first);

        int At(int item) => Plan(new Rotation(seed, item, 20, 0)).InTurn(all);
    }

    // Twins come after the last item of the set.
    [Property]
    public void Where_a_variety_will_not_do_every_other_is_to_be_had_first_those_of_nobody(
        int seed,
        byte count,
        byte item,
        byte items
    )
    {
        int[] all = Varieties(count);
        ItemPlan plan = Plan(new Rotation(seed, item, 1 + items % 20, 0));
        IReadOnlyList<int> from = plan.FromTurn(all);
        from[0].ShouldBe(plan.InTurn(all));
        from.Order().ShouldBe(all);
        int[] taken =
        [
            .. Enumerable
                .Range(0, 1 + items % 20)
                .Select(i => Plan(new Rotation(seed, i, 1, 0)).InTurn(all))
                .Distinct(),
        ];
        from.Skip(1).Select(v => taken.Contains(v)).ShouldBeInOrder();
    }

    [Property]
    public void Varieties_are_the_same_in_every_form(int seed, byte count, byte item, byte form)
    {
        int[] all = Varieties(count);
        Plan(new Rotation(seed, item, 9, form))
            .InTurn(all)
            .ShouldBe(Plan(new Rotation(seed, item, 9, 0)).InTurn(all));
    }

    [Property]
    public void The_next_form_goes_on_with_others(int seed, byte count, byte items)
    {
        int[] all = Varieties(count);
        int many = 1 + items % 15;
        int[] Form(int form) =>
            [
                .. Enumerable
                    .Range(0, many)
                    .Select(i => Plan(new Rotation(seed, i, many, form)).Onwards(all)),
            ];
        Form(0).Take(all.Length).Distinct().Count().ShouldBe(Math.Min(many, all.Length));
        if (all.Length > 1)
        {
            for (int place = 0; place < many; place++)
            {
                Form(1)[place].ShouldNotBe(Form(0)[place]);
            }
        }
        if (2 * many <= all.Length)
        {
            Form(0).Intersect(Form(1)).ShouldBeEmpty();
        }
    }

    [Theory]
    [InlineData("name")]
    [InlineData("outline")]
    [InlineData("clock")]
    [InlineData("instrument-question")]
    [InlineData("draw-by-eye")]
    public void Who_wishes_for_measures_still_gets_kinds_that_have_none(string kind)
    {
        foreach ((int from, int to) in new[] { (158, 179), (1, 3), (200, 359) })
        {
            var wished = new SetSpecification([new KindCount(kind, 3)], from, to);
            SetGenerator.Generate(wished, seed: 3).Items.Count.ShouldBe(3);
        }
    }

    [Theory]
    [InlineData("measure", 200, 300, "“Measure” only has angles from 1 to 180 degrees")]
    [InlineData(
        "exactly",
        160,
        179,
        "“Which one is exactly …?” only has angles from 22 to 158 degrees"
    )]
    [InlineData("compare", 1, 15, "“Compare two angles” only has angles from 20 to 160 degrees")]
    public void A_kind_without_such_angles_is_named_with_those_it_has(
        string kind,
        int from,
        int to,
        string said
    )
    {
        var wished = new SetSpecification([new KindCount(kind, 1)], from, to);
        Should
            .Throw<SpecificationConflictException>(() => SetGenerator.Generate(wished, seed: 3))
            .Collision.Said()
            .ShouldStartWith(said);
    }

    [Fact]
    public void Reflex_angles_are_made_of_what_is_left_of_a_turn()
    {
        var wished = new SetSpecification([new KindCount("reflex", 4)], 20, 70);
        SetGenerator
            .Generate(wished, seed: 3)
            .Items.Select(i => i.Degrees!.Value)
            .ShouldAllBe(whole => whole >= 290 && whole <= 340);
    }
}
