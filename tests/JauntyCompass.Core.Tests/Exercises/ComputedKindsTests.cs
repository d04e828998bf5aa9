using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.BothArms;
using JauntyCompass.Core.Exercises.Kinds.Clock;
using JauntyCompass.Core.Exercises.Kinds.Estimating;
using JauntyCompass.Core.Exercises.Kinds.FigureAngles;
using JauntyCompass.Core.Exercises.Kinds.FullTurn;
using JauntyCompass.Core.Exercises.Kinds.Ranges;
using JauntyCompass.Core.Exercises.Kinds.Reflex;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;
using static JauntyCompass.Core.Tests.Exercises.KindTrial;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Kinds where what is read goes into a sum: the readings and the sum are marked apart from each other.</summary>
public class ComputedKindsTests
{
    private static ReflexItem Reflex(double measure, ReflexMethod method) =>
        new(Any.Prompt, Desk, Standing(measure), Names, method);

    // Angles at a point come to 360°, those on a straight line to 180° (Euclid I.13).
    [Theory]
    [InlineData(ReflexMethod.From360)]
    [InlineData(ReflexMethod.AddTo180)]
    public void Every_reflex_angle_is_its_part_and_the_rest(ReflexMethod method)
    {
        for (int measure = 182; measure < 359; measure += 3)
        {
            double part = method == ReflexMethod.From360 ? 360 - measure : measure - 180;
            ReflexItem item = Reflex(measure, method);
            Mark right = Marked(item, new ReflexResponse(part, measure));
            right.Verdict.ShouldBe(Verdict.Accepted);
            right.Credit.ShouldBe(1);
            // A degree off in the reading and carried on is a degree off in the answer, nothing of it arithmetic.
            double read = part + 1;
            double carried = method == ReflexMethod.From360 ? 360 - read : 180 + read;
            Mark near = Marked(item, new ReflexResponse(read, carried));
            near.Verdict.ShouldBe(Verdict.Accepted);
            near.Parts!.Arithmetic.ShouldBe(0);
            near.Parts.Whole.ShouldBe(carried - measure, 1e-9);
        }
    }

    [Theory]
    [InlineData(ReflexMethod.From360, 110, 110, "smaller-for-reflex")]
    [InlineData(ReflexMethod.From360, 110, 70, "left-out-half-turn")]
    [InlineData(ReflexMethod.From360, 110, 260, "borrow-slip")]
    [InlineData(ReflexMethod.From360, 110, 350, "borrow-slip")]
    [InlineData(ReflexMethod.AddTo180, 70, 70, "left-out-half-turn")]
    [InlineData(ReflexMethod.AddTo180, 70, 110, "smaller-for-reflex")]
    [InlineData(ReflexMethod.AddTo180, 70, 240, "borrow-slip")]
    [InlineData(ReflexMethod.AddTo180, 70, 297, Diagnosis.NotExplained)]
    public void A_slip_in_the_sum_is_named_and_the_reading_keeps_its_credit(
        ReflexMethod method,
        double part,
        double answer,
        string cause
    )
    {
        Mark mark = Marked(Reflex(250, method), new ReflexResponse(part, answer));
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.LikelyCause.ShouldBe(cause);
        Of(mark, "part").ShouldBe(Verdict.Accepted);
        mark.Credit!.Value.ShouldBeInRange(0.1, 0.9);
        mark.Parts!.Arithmetic.ShouldBe(answer - 250, 1e-9);
        mark.Parts.Reading.ShouldBe(0, 1e-9);
        // It is told in the way that was asked for, and in no other.
        string told = string.Join(
            ' ',
            new[] { mark.Feedback.Happened, mark.Feedback.Next }
                .OfType<Message>()
                .Select(Phrasing.Usual.Say)
        );
        told.ShouldNotContain(method == ReflexMethod.AddTo180 ? "360" : "to 180");
    }

    [Fact]
    public void A_wrong_scale_carried_through_a_right_sum_is_a_wrong_scale()
    {
        // 110° read as 70°, and 360 − 70 = 290 is computed rightly.
        Mark mark = Marked(Reflex(250, ReflexMethod.From360), new ReflexResponse(70, 290));
        mark.LikelyCause.ShouldBe("other-scale");
        mark.Parts!.Arithmetic.ShouldBe(0, 1e-9);
        // The error told is that of the reading.
        mark.Parts.Reading.ShouldBe(-40, 1e-9);
    }

    private static RangeItem Moving(double first, double second) =>
        new(Any.Prompt, Desk, Standing(first), Standing(second), Names, "N");

    [Theory]
    [InlineData(35, 121)]
    [InlineData(121, 35)]
    [InlineData(12, 171)]
    public void A_range_lies_between_its_ends_whichever_comes_first(double first, double second)
    {
        RangeItem item = Moving(first, second);
        double range = Math.Abs(first - second);
        Marked(item, new RangeResponse(first, second, range)).Credit.ShouldBe(1);
        Marked(item, new RangeResponse(first, second, first + second))
            .LikelyCause.ShouldBe("added-for-taken");
        Marked(item, new RangeResponse(first, second, Math.Max(first, second)))
            .LikelyCause.ShouldBe("end-for-range");
        Mark lost = Marked(item, new RangeResponse(first, second, range + 5));
        lost.LikelyCause.ShouldBe(Diagnosis.NotExplained);
        Of(lost, "first").ShouldBe(Verdict.Accepted);
        Of(lost, "second").ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void What_is_told_of_the_other_scale_at_one_position_does_not_tell_the_other_position()
    {
        // 56° stands at 124 on the other scale, and 124° is where the second position is.
        RangeItem item = Moving(56, 124);
        var laid = Any.Well(item.First);
        Mark mark = Marked(item, new RangeResponse(124, 56, 68, laid, laid));
        mark.LikelyCause.ShouldBe("other-scale");
        string told = mark.Picture.ShouldNotBeNull().Note!.Text.Said();
        told.ShouldNotContain("124");
        told.ShouldNotContain("56");
    }

    [Fact]
    public void Two_readings_that_are_each_near_enough_make_a_range_that_is()
    {
        // Two degrees too little at one, two too many at the other: four in the range, and nothing to blame anyone for.
        Mark mark = Marked(Moving(40, 100), new RangeResponse(38, 102, 64));
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Credit.ShouldBe(1);
        // The same number from a slip of arithmetic is none that follows.
        Marked(Moving(40, 100), new RangeResponse(40, 100, 64))
            .Verdict.ShouldNotBe(Verdict.Accepted);
    }

    [Fact]
    public void A_range_of_two_readings_that_are_both_off_alike_is_still_wrong_at_the_readings()
    {
        // The zero line lies 6° off the same way at both: the range is right by luck.
        Mark mark = Marked(Moving(40, 100), new RangeResponse(46, 106, 60));
        Of(mark, "answer").ShouldBe(Verdict.Accepted);
        Of(mark, "first").ShouldBe(Verdict.NotYet);
        mark.Credit!.Value.ShouldBeLessThan(1);
    }

    [Fact]
    public void Items_of_a_range_stay_on_the_scale_and_move_far_enough()
    {
        foreach (RangeItem item in Made<RangeItem>("range", 80))
        {
            item.Second.Measure.Degrees.ShouldBeLessThanOrEqualTo(178);
            Math.Abs(item.Second.Measure.Degrees - item.First.Measure.Degrees)
                .ShouldBeGreaterThanOrEqualTo(18);
            item.Second.Start.ShouldBe(item.First.Start);
            Any.Said(item).ShouldContain(item.Names.Vertex + item.SecondLetter);
        }
    }

    [Fact]
    public void From_both_arms_the_two_readings_are_judged_apart()
    {
        var item = new BothArmsItem(Any.Prompt, Desk, Standing(64), Names);
        Marked(item, new BothArmsResponse(64, 64, "yes")).Credit.ShouldBe(1);
        Mark second = Marked(item, new BothArmsResponse(64, 116, "no"));
        second.Verdict.ShouldBe(Verdict.NotYet);
        second.LikelyCause.ShouldBe("other-scale");
        Of(second, "first").ShouldBe(Verdict.Accepted);
        // That they do not agree was seen, and that counts.
        Of(second, "agree").ShouldBe(Verdict.Accepted);
        Mark unseen = Marked(item, new BothArmsResponse(64, 116, "yes"));
        Of(unseen, "agree").ShouldBe(Verdict.NotYet);
        unseen.Credit!.Value.ShouldBeLessThan(second.Credit!.Value);
    }

    // The zero line lies along both arms of a straight angle: which one was meant is not to be told.
    [Fact]
    public void A_straight_angle_is_measured_from_both_arms_and_accepted()
    {
        foreach (Protractor instrument in InstrumentsFor("both-arms"))
        {
            var item = new BothArmsItem(Any.Prompt, instrument, Standing(180), Names);
            Response right = ExerciseKinds
                .Of(item)
                .Attempt(item, new SimulatedStudent("Ada", [], Hand.Perfect), new SeededRandom(1));
            Marked(item, right).Verdict.ShouldBe(Verdict.Accepted, instrument.Id);
        }
    }

    [Fact]
    public void The_sum_of_a_figure_is_held_against_the_student_s_own_numbers()
    {
        var item = new FigureAnglesItem(
            Any.Prompt,
            Desk,
            [new Point(-60, -40), new Point(60, -40), new Point(-60, 50)]
        );
        double[] truth =
        [
            .. ExerciseKinds.Of(item).Steps(item, null).Take(3).Select(s => s.Degrees!.Value),
        ];
        FigureAnglesResponse Read(double a, double b, double c, double sum) => new(a, b, c, sum);
        (double a, double b, double c) = (
            Math.Round(truth[0]),
            Math.Round(truth[1]),
            Math.Round(truth[2])
        );
        Marked(item, Read(a, b, c, a + b + c)).Credit.ShouldBe(1);
        // One angle from the other scale, added up rightly: the sum follows, but no such figure comes to it.
        Mark wrong = Marked(item, Read(a, 180 - b, c, a + 180 - b + c));
        wrong.Verdict.ShouldBe(Verdict.NotYet);
        wrong.LikelyCause.ShouldBe("other-scale");
        Of(wrong, "b").ShouldBe(Verdict.NotYet);
        Of(wrong, "sum").ShouldBe(Verdict.Near);
        // Every angle right and 180 written down by heart, though they come to 181: kindly near enough or told.
        Of(Marked(item, Read(a, b, c + 1, 180)), "sum").ShouldBe(Verdict.NotYet);
    }

    // The interior angles of a polygon of n corners come to 180°(n − 2); Euclid I.32 for the triangle.
    [Fact]
    public void Figures_are_triangles_quadrilaterals_and_pentagons_with_the_sums_of_theirs()
    {
        var corners = new HashSet<int>();
        foreach (FigureAnglesItem item in Made<FigureAnglesItem>("figure-angles", 60))
        {
            int count = item.Corners.Count;
            corners.Add(count);
            double[] angles =
            [
                .. ExerciseKinds
                    .Of(item)
                    .Steps(item, null)
                    .Take(count)
                    .Select(s => s.Degrees!.Value),
            ];
            angles.Sum().ShouldBe(180 * (count - 2), 1e-6);
            angles.ShouldAllBe(a => a > 15 && a < 175);
            ExerciseKinds.Of(item).Present(item, HouseRules.Usual).Asks.Count.ShouldBe(count + 1);
        }
        corners.Order().ShouldBe([3, 4, 5]);
    }

    [Theory]
    [InlineData(50, "45", true)]
    [InlineData(68, "45", true)]
    [InlineData(68, "90", true)]
    [InlineData(75, "45", false)]
    [InlineData(75, "90", true)]
    [InlineData(170, "180", true)]
    [InlineData(170, "90", false)]
    public void The_nearest_benchmark_counts_and_two_that_are_nearly_as_near_both_do(
        double measure,
        string nearest,
        bool right
    )
    {
        var item = new EstimateItem(Any.Prompt, Desk, Standing(measure), Names);
        Mark mark = Marked(item, new EstimateResponse(nearest, measure + 5, measure));
        Of(mark, "benchmark").ShouldBe(right ? Verdict.Accepted : Verdict.NotYet);
        // The measurement decides: an estimate is no measurement.
        mark.Verdict.ShouldBe(Verdict.Accepted);
        (mark.Credit < 1).ShouldBe(!right);
    }

    [Theory]
    [InlineData(70, Verdict.Accepted)]
    [InlineData(84, Verdict.Accepted)]
    [InlineData(92, Verdict.Near)]
    [InlineData(48, Verdict.Near)]
    [InlineData(110, Verdict.NotYet)]
    public void An_estimate_is_judged_by_how_far_it_serves_as_a_check(double fan, Verdict verdict)
    {
        var item = new EstimateItem(Any.Prompt, Desk, Standing(70), Names);
        Of(Marked(item, new EstimateResponse("90", fan, 70)), "estimate").ShouldBe(verdict);
        Of(Marked(item, new EstimateResponse("45", fan, 70)), "reading").ShouldBe(Verdict.Accepted);
    }

    // Hands of a clock: 6° and 0.5° a minute.
    [Theory]
    [InlineData(ClockQuestion.BetweenHands, 10, 10, 0, 115, null)]
    [InlineData(ClockQuestion.BetweenHands, 10, 10, 0, 120, "hour-hand-not-moved")]
    [InlineData(ClockQuestion.BetweenHands, 10, 10, 0, 245, "other-opening")]
    [InlineData(ClockQuestion.BetweenHands, 10, 10, 0, 77, Diagnosis.NotExplained)]
    [InlineData(ClockQuestion.MinuteHand, 3, 0, 25, 150, null)]
    [InlineData(ClockQuestion.MinuteHand, 3, 0, 25, 25, "minutes-as-degrees")]
    [InlineData(ClockQuestion.HourHand, 3, 0, 50, 25, null)]
    [InlineData(ClockQuestion.HourHand, 3, 0, 50, 50, "minutes-as-degrees")]
    public void What_is_worked_out_of_a_clock_has_its_cause(
        ClockQuestion question,
        int hour,
        int minute,
        int minutes,
        double answer,
        string? cause
    )
    {
        var item = new ClockItem(Any.Prompt, question, hour, minute, minutes);
        Mark mark = Marked(item, new ClockResponse(answer));
        mark.Verdict.ShouldBe(cause is null ? Verdict.Accepted : Verdict.NotYet);
        mark.LikelyCause.ShouldBe(cause);
    }

    [Fact]
    public void A_turn_is_read_on_past_the_straight_line()
    {
        foreach (FullTurnItem item in Made<FullTurnItem>("full-turn", 40))
        {
            double truth = item.Angle.Measure.Degrees;
            item.Instrument.Shape.ShouldBe(ProtractorShape.FullCircle);
            Marked(item, new FullTurnResponse(truth)).Verdict.ShouldBe(Verdict.Accepted);
            Mark other = Marked(item, new FullTurnResponse(360 - truth));
            other.Verdict.ShouldBe(
                Math.Abs(360 - 2 * truth) <= 2 ? Verdict.Accepted : Verdict.NotYet
            );
        }
    }
}
