using System.Text.Json;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Validation;
using Shouldly;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Wishes thrown together at random: either they collide, and it is said how, or what comes of them can be worked.</summary>
public class AnySpecificationTests
{
    private static T Any<T>(SeededRandom random, params IReadOnlyList<T> all) =>
        all[random.Below(all.Count)];

    private static SetSpecification Wished(SeededRandom random)
    {
        int one = random.Between(1, 359);
        int other = random.Between(1, 359);
        bool usual = random.Chance(0.5);
        return new SetSpecification(
            [
                .. Enumerable
                    .Range(0, random.Between(1, 4))
                    .Select(_ => Any(random, ExerciseKinds.All).Key)
                    .Distinct()
                    .Select(kind => new KindCount(kind, random.Between(1, 4))),
            ],
            usual ? 5 : Math.Min(one, other),
            usual ? 175 : Math.Max(one, other),
            Any(random, Enum.GetValues<MeasureStep>()),
            random.Chance(0.3)
                ?
                [
                    Any(
                        random,
                        AngleKind.Acute,
                        AngleKind.Right,
                        AngleKind.Obtuse,
                        AngleKind.Straight,
                        AngleKind.Reflex
                    ),
                ]
                : null,
            Any(random, Enum.GetValues<OpeningSide>()),
            Any(random, Enum.GetValues<Tilt>()),
            Any(random, Enum.GetValues<ArmLengths>()),
            Any(random, InstrumentCatalogue.All).Id,
            random.Chance(0.2) ? [Any(random, MistakeCatalogue.All).Key] : null,
            Any(random, 0.5, 1, 2, 3, 5, 10),
            Any(random, Enum.GetValues<Theme>()),
            Any(random, Enum.GetValues<ItemOrder>()),
            random.Between(1, 3),
            Any(random, Enum.GetValues<BaseRays>()),
            Scale: Any(random, Enum.GetValues<FigureScale>()),
            Numbers: Any(random, Enum.GetValues<AlgebraNumbers>())
        );
    }

    private static string Json(Item item) => JsonSerializer.Serialize(item, ExerciseJson.Options);

    [Property(MaxTest = 150)]
    public void It_collides_with_words_or_gives_items_that_can_be_worked(int seed)
    {
        var random = new SeededRandom(seed, stream: 77);
        SetSpecification wished = Wished(random);
        var errors = new ValidationErrors();
        wished.Validate(errors);
        if (!errors.None)
        {
            return;
        }
        GeneratedSet set;
        try
        {
            set = SetGenerator.Generate(wished, seed);
        }
        catch (SpecificationConflictException collision)
        {
            // What collides, and what can be had instead.
            collision.Collision.Said().ShouldMatch("(wider|fewer|Add|Choose).*\\.$");
            return;
        }
        for (int i = 0; i < set.Items.Count; i++)
        {
            RequireSound(set.Items[i].Item, wished, seed);
            Twins.Of(wished, seed, i, set.Items[i].Item, null, 1).ShouldNotBeNull();
        }
        foreach (Item item in set.Forms.SelectMany(f => f))
        {
            RequireSound(item, wished, seed);
        }
    }

    private static void RequireSound(Item item, SetSpecification wished, int seed)
    {
        ExerciseKind kind = ExerciseKinds.Of(item);
        var errors = new ValidationErrors();
        item.Validate(errors);
        errors.None.ShouldBeTrue(Json(item));
        Json(JsonSerializer.Deserialize<Item>(Json(item), ExerciseJson.Options)!)
            .ShouldBe(Json(item));
        kind.Present(item, HouseRules.Usual).Prompt.Said().ShouldNotBeEmpty();

        var careful = new SimulatedStudent("Bo", [], Hand.Perfect);
        Response right = kind.Attempt(item, careful, new SeededRandom(seed));
        right.Validate(errors);
        errors.None.ShouldBeTrue(Json(item));
        kind.Mark(item, right, MarkingRules.Usual with { Tolerance = wished.Tolerance })
            .Verdict.ShouldBe(Verdict.Accepted, Json(item));
    }
}
