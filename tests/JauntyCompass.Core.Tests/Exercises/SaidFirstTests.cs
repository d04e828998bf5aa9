using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>The kind and an estimate, where the house rules want them; and the words of the class.</summary>
public class SaidFirstTests
{
    public static TheoryData<string> Kinds => ["measure", "read-laid", "full-turn"];

    private static Item ItemOf(string kind, int seed = 3) =>
        SetGenerator.Generate(new SetSpecification([new KindCount(kind, 1)]), seed).Items[0].Item;

    private static ItemView View(Item item, HouseRules rules) =>
        ExerciseKinds.Of(item).Present(item, rules);

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Kind_and_estimate_are_asked_in_the_order_of_the_house(string kind)
    {
        Item item = ItemOf(kind);
        string[] Asked(HouseRules rules) => [.. View(item, rules).Asks.Select(a => a.Field)];
        Asked(HouseRules.Usual).ShouldBe(["kindSaid", "reading"]);
        Asked(HouseRules.Usual with { Kind = KindSaid.AfterLaying })
            .ShouldBe(["reading", "kindSaid"]);
        Asked(HouseRules.Usual with { EstimateFirst = true })
            .ShouldBe(["kindSaid", "estimate", "reading"]);
        Asked(HouseRules.Usual with { EstimateFirst = true, Kind = KindSaid.AfterLaying })
            .ShouldBe(["estimate", "reading", "kindSaid"]);
    }

    // What was guessed is kept before the instrument is laid on: else it would be no estimate.
    [Theory]
    [MemberData(nameof(Kinds))]
    public void The_reading_waits_for_the_estimate(string kind) =>
        View(ItemOf(kind), HouseRules.Usual with { EstimateFirst = true })
            .Asks.Single(a => a.Field == "reading")
            .Afterwards.ShouldBeTrue();

    [Fact]
    public void A_turn_may_be_reflex_and_an_angle_for_a_half_circle_may_not()
    {
        string[] Offered(string kind) =>
            [
                .. View(ItemOf(kind), HouseRules.Usual)
                    .Asks.Single(a => a.Field == "kindSaid")
                    .Options.Select(o => o.Key),
            ];
        Offered("full-turn").ShouldContain("reflex");
        Offered("measure").ShouldNotContain("reflex");
    }

    [Fact]
    public void Before_a_drawing_the_kind_is_said_or_it_is_not_asked()
    {
        Item item = ItemOf("draw");
        View(item, HouseRules.Usual).Asks[0].Field.ShouldBe("kindSaid");
        View(item, HouseRules.Usual with { Kind = KindSaid.AfterLaying }).Asks.Count.ShouldBe(1);
    }

    // Common practice, no source: kind and number are held against each other before anyone knows the answer.
    [Theory]
    [MemberData(nameof(Kinds))]
    public void A_kind_that_the_number_cannot_be_is_told_beside_the_cause(string kind)
    {
        Item item = ItemOf(kind);
        ExerciseKind of = ExerciseKinds.Of(item);
        double truth = of.Steps(item, null)[^1].Degrees!.Value;
        AngleKind right = new Measure(truth).Kind;
        double wrong = truth < 90 ? 180 - truth : 360 - truth;
        Mark Marked(AngleKind? said, double reading)
        {
            var json = WrittenAnswer.Json(
                of.Attempt(item, new("Ada", [], new(0, 0, 0, 0)), new(1))
            );
            json["reading"] = reading;
            json["placement"] = null;
            json["kindSaid"] = said?.ToString().ToLowerInvariant();
            return of.Mark(item, WrittenAnswer.Read(json), MarkingRules.Usual);
        }

        Mark disagreeing = Marked(right, wrong);
        disagreeing.Causes.Select(c => c.Mistake).ShouldContain("kind-against-number");
        disagreeing.Feedback.Next.Said().ShouldContain(right.ToString().ToLowerInvariant());
        disagreeing.LikelyCause.ShouldNotBe("kind-against-number");
        Marked(null, wrong).Causes.Select(c => c.Mistake).ShouldNotContain("kind-against-number");
        Marked(new Measure(wrong).Kind, wrong)
            .Causes.Select(c => c.Mistake)
            .ShouldNotContain("kind-against-number");
        // A right number stands, and the doubt about the kind is kept for the teacher.
        Mark beside = Marked(new Measure(wrong).Kind, truth);
        beside.Verdict.ShouldBe(Verdict.Accepted);
        beside.Causes.Select(c => c.Mistake).ShouldBe(["kind-against-number"]);
        beside.Credit!.Value.ShouldBeLessThan(1);
        // What was not said is not held against anyone.
        Marked(null, truth).Credit!.Value.ShouldBe(1, 1e-9);
    }

    [Fact]
    public void Items_are_asked_in_the_words_of_the_class()
    {
        HouseRules rules = HouseRules.Usual with
        {
            Words = Words.Usual with
            {
                Arm = "ray",
                ZeroLine = "baseline",
                Straightedge = "ruler",
                StartingArm = "first",
                InnerScale = "lower",
            },
        };
        Phrasing phrasing = rules.Phrasing;
        for (int seed = 0; seed < 40; seed++)
        {
            ItemView view = View(ItemOf("instrument-question", seed), rules);
            string all = string.Join(
                ' ',
                [
                    view.Prompt.Said(phrasing),
                    .. view.Asks.SelectMany(a => a.Options.Select(o => o.Text.Said(phrasing))),
                ]
            );
            all.ShouldNotMatch(@"\b(zero line|arms?|straightedge)\b");
        }
    }

    [Fact]
    public void Rules_of_a_set_go_before_those_of_the_class_in_the_words_of_the_class()
    {
        HouseRules ofClass = HouseRules.Usual with
        {
            Words = Words.Usual with { Arm = "side" },
            Degrees = DegreeStyle.Words,
            EstimateFirst = false,
        };
        HouseRules ofSet = HouseRules.Usual with { EstimateFirst = true };
        HouseRules inForce = HouseRules.InForce(ofSet, ofClass);
        inForce.EstimateFirst.ShouldBeTrue();
        inForce.Words!.Arm.ShouldBe("side");
        inForce.Degrees.ShouldBe(DegreeStyle.Words);
        HouseRules.InForce(null, ofClass).ShouldBeSameAs(ofClass);
        HouseRules.InForce(null, null).ShouldBe(HouseRules.Usual);
    }

    [Theory]
    [InlineData(ReflexMethod.From360, "Take from 360.")]
    [InlineData(ReflexMethod.AddTo180, "Add to 180.")]
    public void A_set_with_one_way_for_reflex_angles_asks_for_that_way_alone(
        ReflexMethod method,
        string says
    )
    {
        var spec = new SetSpecification(
            [new KindCount("reflex", 8)],
            Rules: HouseRules.Usual with
            {
                Reflex = method,
            }
        );
        SetGenerator
            .Generate(spec, 11)
            .Items.ShouldAllBe(made =>
                Any.Said(made.Item).EndsWith(says, StringComparison.Ordinal)
            );
    }
}
