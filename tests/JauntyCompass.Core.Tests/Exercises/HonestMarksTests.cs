using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.BothArms;
using JauntyCompass.Core.Exercises.Kinds.Clock;
using JauntyCompass.Core.Exercises.Kinds.Exactly;
using JauntyCompass.Core.Exercises.Kinds.FigureAngles;
using JauntyCompass.Core.Exercises.Kinds.FindMistake;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Exercises.Kinds.Ranges;
using JauntyCompass.Core.Exercises.Kinds.ReadLaid;
using JauntyCompass.Core.Exercises.Kinds.Reflex;
using JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Observations;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;
using static JauntyCompass.Core.Tests.Exercises.KindTrial;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>A mark says no more and no less than is true: of the sum, the way, the arms, the credit and the tolerance.</summary>
public class HonestMarksTests
{
    [Theory]
    [InlineData(90, AngleKind.Right, 91, true)]
    [InlineData(89, AngleKind.Acute, 91, true)]
    [InlineData(90, AngleKind.Right, 95, false)]
    [InlineData(52, AngleKind.Acute, 128, false)]
    public void A_number_within_the_tolerance_of_the_kind_that_was_said_agrees_with_it(
        double measure,
        AngleKind said,
        double reading,
        bool agrees
    )
    {
        var item = new MeasureItem(Any.Prompt, Desk, Standing(measure), Names);
        Mark mark = Marked(item, new MeasureResponse(reading, said));
        mark.Causes.Any(c => c.Mistake == "kind-against-number").ShouldBe(!agrees);
    }

    private static ReflexItem Reflex(double measure, ReflexMethod method) =>
        new(Any.Prompt, Desk, Standing(measure), Names, method);

    [Fact]
    public void A_sum_that_does_not_follow_is_not_called_right_though_it_fits()
    {
        // 360 − 72 is 288.
        Mark mark = Marked(Reflex(290, ReflexMethod.From360), new ReflexResponse(72, 292));
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Feedback.Happened.Said().ShouldNotContain("sum is right");
        mark.Feedback.Happened.Said().ShouldContain("288");
        Marked(Reflex(290, ReflexMethod.From360), new ReflexResponse(71, 289))
            .Feedback.Happened.Said()
            .ShouldContain("sum is right");
    }

    [Theory]
    [InlineData(ReflexMethod.From360, 110)]
    [InlineData(ReflexMethod.AddTo180, 70)]
    public void A_reflex_angle_that_is_found_the_other_way_is_found(ReflexMethod asked, double part)
    {
        Mark mark = Marked(Reflex(290, asked), new ReflexResponse(part, 290));
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Credit.ShouldBe(1);
    }

    [Fact]
    public void Of_two_readings_that_should_be_equal_both_are_told_and_the_wrong_one_is_named()
    {
        var item = new BothArmsItem(Any.Prompt, Desk, Standing(64), Names);
        Feedback feedback = Marked(item, new BothArmsResponse(64, 116, "yes")).Feedback;
        feedback.Happened.Said().ShouldStartWith("Look at your second reading.");
        feedback.Next.Said().ShouldContain("64°");
        feedback.Next.Said().ShouldContain("116°");
        var range = new RangeItem(Any.Prompt, Desk, Standing(40), Standing(115), Names, "N");
        Marked(range, new RangeResponse(40, 65, 25))
            .Feedback.Happened.Said()
            .ShouldStartWith("Look at the second position.");
        Marked(range, new RangeResponse(140, 115, 25))
            .Feedback.Happened.Said()
            .ShouldStartWith("Look at the first position.");
    }

    // Where it lies already nobody laid it well, and nobody can lay it again.
    [Fact]
    public void Nobody_is_praised_or_advised_for_what_they_cannot_move()
    {
        Angle angle = Standing(64);
        var item = new ReadLaidItem(Any.Prompt, Desk, angle, Names, Any.Well(angle));
        foreach (double read in new[] { 64.0, 116, 74, 33, 7 })
        {
            Feedback feedback = Marked(item, new ReadLaidResponse(read)).Feedback;
            feedback.Praise.ShouldBeNull();
            feedback.Next.Said().ShouldNotContain("lined up");
            feedback.Next.Said().ShouldNotContain("Place the protractor");
        }
    }

    [Fact]
    public void Both_readings_from_one_arm_are_no_check()
    {
        var item = new BothArmsItem(Any.Prompt, Desk, Standing(64), Names);
        Placement first = Any.Well(item.Angle);
        Placement second = Any.Well(item.Angle.FromOtherArm);
        Marked(item, new BothArmsResponse(64, 64, "yes", first, second)).Credit.ShouldBe(1);
        Mark same = Marked(item, new BothArmsResponse(64, 64, "yes", first, first));
        same.Verdict.ShouldBe(Verdict.NotYet);
        same.Feedback.Happened.Said().ShouldContain("on the same arm");
        Of(same, "second").ShouldBe(Verdict.NotYet);
        // Where nobody saw how it lay, nobody is blamed.
        Marked(item, new BothArmsResponse(64, 64, "yes")).Credit.ShouldBe(1);
    }

    // Euclid, Elements I.32.
    [Theory]
    [InlineData(20, 20, 20)]
    [InlineData(27, 27, 27)]
    [InlineData(120, 120, 120)]
    public void A_triangle_whose_readings_come_to_another_sum_gives_pause(
        double a,
        double b,
        double c
    )
    {
        FigureAnglesItem item = Made<FigureAnglesItem>("figure-angles")
            .First(i => i.Corners.Count == 3);
        Mark mark = Marked(item, new FigureAnglesResponse(a, b, c, a + b + c));
        Of(mark, "sum").ShouldBe(Verdict.Near);
        mark.Feedback.Next.Said().ShouldContain("make 180° together");
        double[] right =
        [
            .. ExerciseKinds.Of(item).Steps(item, null).Take(3).Select(r => r.Degrees!.Value),
        ];
        Of(Marked(item, new FigureAnglesResponse(right[0], right[1], right[2], right.Sum())), "sum")
            .ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void What_is_worked_out_is_right_or_it_is_not()
    {
        // A quarter past three: 7½° between the hands, since the hour hand has moved on a quarter of its 30°.
        var half = new ClockItem(Any.Prompt, ClockQuestion.BetweenHands, 3, 15, 0);
        Answer(half).ShouldBe(7.5);
        Marked(half, new ClockResponse(Answer(half))).Verdict.ShouldBe(Verdict.Accepted);
        Marked(half, new ClockResponse(Answer(half) - 0.5)).Verdict.ShouldBe(Verdict.NotYet);
        Marked(half, new ClockResponse(Answer(half) + 0.5)).Verdict.ShouldBe(Verdict.NotYet);
    }

    private static double Answer(Item item) =>
        ExerciseKinds.Of(item).Steps(item, null).Last(s => s.Decides).Degrees!.Value;

    [Fact]
    public void Where_no_step_weighs_anything_the_work_still_earns_what_it_is_worth()
    {
        var item = new MeasureItem(Any.Prompt, Desk, Standing(64), Names);
        MarkingRules none = MarkingRules.Usual with
        {
            Weights = new Dictionary<string, double> { ["reading"] = 0 },
        };
        ExerciseKinds.Of(item).Mark(item, new MeasureResponse(64), none).Credit.ShouldBe(1);
        ExerciseKinds.Of(item).Mark(item, new MeasureResponse(116), none).Credit.ShouldBe(0);
    }

    [Fact]
    public void The_tolerance_in_a_mark_is_the_one_that_was_in_force()
    {
        MarkingRules three = MarkingRules.Usual with { Tolerance = 3 };
        var measure = new MeasureItem(Any.Prompt, Desk, Standing(64), Names);
        ExerciseKinds
            .Of(measure)
            .Mark(measure, new MeasureResponse(64), three)
            .Tolerance.ShouldBe(3);
        ClockItem clock = Made<ClockItem>("clock").First();
        ExerciseKinds
            .Of(clock)
            .Mark(clock, new ClockResponse(Answer(clock)), three)
            .Tolerance.ShouldBe(0);
    }

    [Fact]
    public void A_pick_by_eye_that_counts_for_nothing_tells_nothing_of_the_student()
    {
        foreach (ExactlyItem item in Made<ExactlyItem>("exactly", 10))
        {
            string right = ExerciseKinds.Of(item).Steps(item, null)[^1].Answer.Said();
            string wrong = right == "A" ? "B" : "A";
            ExerciseKinds
                .Of(item)
                .Weigh(item, new ExactlyResponse(wrong, right), 2)
                .Count()
                .ShouldBe(1);
        }
    }

    [Fact]
    public void A_reflex_drawing_comes_to_its_reflex_measure()
    {
        DrawSpecialItem item = Made<DrawSpecialItem>("draw-special", 100)
            .First(i => i.Wanted == SpecialDrawing.Reflex);
        double measure = item.Measure.Degrees;
        AnsweredStep step = ExerciseKinds.Of(item).Steps(item, null)[0];
        step.Degrees.ShouldBe(measure);
        step.Answer.Said().ShouldBe(Numbers.Degrees(measure));
        int side = item.Opening == TurnDirection.Anticlockwise ? 1 : -1;
        Point On(double turn, double distance) =>
            item.BaseRay.Vertex.Towards(item.BaseRay.Direction.Turned(side * turn), distance);
        Mark mark = Marked(
            item,
            new DrawSpecialResponse(
                [new Stroke([item.BaseRay.Vertex, On(measure + 3, 90)])],
                [],
                On(measure / 2, 15)
            )
        );
        mark.Value!.Value.ShouldBe(measure + 3, 1e-6);
        mark.Error!.Value.ShouldBe(3, 1e-6);
        mark.Parts!.Whole.ShouldBe(3, 1e-6);
    }

    [Fact]
    public void Of_the_mistakes_that_are_offered_one_is_true()
    {
        foreach (FindMistakeItem item in Made<FindMistakeItem>("find-mistake", 200))
        {
            var lies = MarkingContext.Measuring(item.Angle, item.Instrument, item.Placement);
            foreach (string other in item.Offered.Where(o => o != item.Mistake))
            {
                var mistake = (InstrumentMistake)MistakeCatalogue.Find(other)!;
                (ObservationCatalogue.Observe(mistake, lies) ?? 0).ShouldBeLessThan(
                    0.5,
                    $"{item.Mistake} {other} {item.Angle.Measure.Degrees}"
                );
            }
        }
    }

    [Fact]
    public void A_wild_estimate_is_mentioned_beside_a_right_reading()
    {
        var item = new MeasureItem(Any.Prompt, Desk, Standing(137), Names);
        Mark mark = Marked(item, new MeasureResponse(137, Estimate: 69));
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Feedback.Next.Said().ShouldContain("69°");
        Marked(item, new MeasureResponse(137, Estimate: 130)).Feedback.Next.ShouldBeNull();
    }

    [Fact]
    public void A_clock_is_told_of_its_hands_and_not_of_a_vertex()
    {
        var item = new ClockItem(Any.Prompt, ClockQuestion.BetweenHands, 4, 0, 0);
        Mark mark = Marked(item, new ClockResponse(240));
        mark.LikelyCause.ShouldBe("other-opening");
        mark.Feedback.Happened.Said().ShouldContain("the long way");
        mark.Feedback.Next.Said().ShouldContain("hands");
    }
}
