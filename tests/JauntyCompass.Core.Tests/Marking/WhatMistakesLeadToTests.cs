using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Sums;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>
/// What each mistake comes to, in numbers worked out by hand. Common practice, no source, but where one is named. The angle at the
/// centre is Euclid, <i>Elements</i> III.20.
/// </summary>
public class WhatMistakesLeadToTests
{
    // A half circle whose zero line is its straight edge, with the end of the edge on the rim.
    private static readonly Protractor Plain = InstrumentCatalogue.DeskHalfCircle with
    {
        Id = "plain",
        Inset = 0,
        HalfLength = 75,
    };

    private static Angle Of(double measure) =>
        new(default, new Direction(0), new Measure(measure), TurnDirection.Anticlockwise, 90, 90);

    private static double[] Predicted(
        InstrumentMistake mistake,
        double measure,
        Protractor? instrument = null,
        Placement? placement = null
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(
            mistake,
            MarkingContext.Measuring(
                Of(measure),
                instrument ?? InstrumentCatalogue.DeskHalfCircle,
                placement
            ),
            null,
            ref outcomes
        );
        var found = new List<double>();
        for (int i = 0; i < outcomes.Count; i++)
        {
            if (outcomes[i].Spread == 0)
            {
                found.Add(outcomes[i].Degrees);
            }
        }
        return [.. found];
    }

    [Theory]
    [InlineData(38, 142)]
    [InlineData(116, 64)]
    public void The_other_scale_of_a_half_circle(double measure, double read) =>
        Predicted(MistakeCatalogue.Get<OtherScale>(), measure).ShouldBe([read]);

    [Theory]
    [InlineData(38, 322)]
    [InlineData(250, 110)]
    public void The_other_scale_of_a_full_circle(double measure, double read) =>
        Predicted(
                MistakeCatalogue.Get<OtherScale>(),
                measure,
                InstrumentCatalogue.FullCircleTwoScales
            )
            .ShouldBe([read]);

    [Theory]
    [InlineData(37, 33)]
    [InlineData(118, 112)]
    [InlineData(61, 69)]
    public void Ticks_backwards(double measure, double read) =>
        Predicted(MistakeCatalogue.Get<TicksBackwards>(), measure).ShouldContain(read);

    [Theory]
    [InlineData(38, 158, 148)]
    [InlineData(112, 72, 62)]
    public void The_ten_from_the_other_scale(double measure, double same, double neighbour) =>
        Predicted(MistakeCatalogue.Get<TenFromOtherScale>(), measure)
            .ShouldBe([same, neighbour], ignoreOrder: true);

    [Theory]
    [InlineData(105, 95, 115)]
    [InlineData(47, 37, 57)]
    public void A_wrong_ten(double measure, double below, double above) =>
        Predicted(MistakeCatalogue.Get<WrongTen>(), measure)
            .ShouldBe([below, above], ignoreOrder: true);

    [Fact]
    public void Graduations_counted_instead_of_spaces() =>
        Predicted(MistakeCatalogue.Get<CountedGraduations>(), 64).ShouldBe([65]);

    [Theory]
    [InlineData(63, 66)]
    [InlineData(63, 75)]
    [InlineData(42, 44)]
    [InlineData(42, 50)]
    public void Each_graduation_taken_for_two_or_for_five(double measure, double read) =>
        Predicted(MistakeCatalogue.Get<GraduationsAsTwoOrFive>(), measure).ShouldContain(read);

    [Theory]
    [InlineData(47, 74)]
    [InlineData(162, 126)]
    public void Digits_swapped(double measure, double written) =>
        Predicted(MistakeCatalogue.Get<SwappedDigits>(), measure).ShouldBe([written]);

    // No half circle has a number 182.
    [Fact]
    public void Digits_swapped_to_a_number_that_is_not_there() =>
        Predicted(MistakeCatalogue.Get<SwappedDigits>(), 128).ShouldBeEmpty();

    [Fact]
    public void The_start_not_subtracted_or_added()
    {
        // The first arm at 25 and the other at 95 on one scale; on the other at 155 and 85.
        var laid = new Placement(default, new Direction(-25));
        double[] read = Predicted(MistakeCatalogue.Get<StartNotSubtracted>(), 70, placement: laid);
        read.Length.ShouldBe(4);
        foreach (double expected in new double[] { 95, 120, 155, 240 })
        {
            read.Min(r => Math.Abs(r - expected)).ShouldBeLessThan(1e-6);
        }
    }

    // A − asin(h·cos A / R) with h = 7 and R = 75: asin(7·0.5/75) = 2.6748°, asin(7·0.86603/75) = 4.6357°.
    [Theory]
    [InlineData(60, 57.3252)]
    [InlineData(30, 25.3643)]
    [InlineData(120, 122.6748)]
    [InlineData(90, 90)]
    public void The_straight_edge_on_the_arm(double measure, double read) =>
        Predicted(MistakeCatalogue.Get<StraightEdgeForZeroLine>(), measure)
            .ShouldHaveSingleItem()
            .ShouldBe(read, 1e-3);

    // Euclid III.20: from the end of the edge, which lies on the rim, the same arc is seen under half the angle.
    [Theory]
    [InlineData(20, 40)]
    [InlineData(35, 70)]
    [InlineData(71, 142)]
    public void The_end_of_the_edge_at_the_vertex(double measure, double read) =>
        Predicted(MistakeCatalogue.Get<EndOfEdgeAtVertex>(), measure, Plain)
            .ShouldHaveSingleItem()
            .ShouldBe(read, 1e-6);

    // The surveying rule: at most asin(e/R) with the zero line parallel to its arm; 6 mm of 75: 4.5885°.
    [Fact]
    public void The_centre_mark_off_the_vertex_costs_no_more_than_the_rule_says()
    {
        double most = 0;
        for (int way = 0; way < 360; way += 5)
        {
            var centre = default(Point).Towards(new Direction(way), 6);
            MarkingContext context = MarkingContext.Measuring(
                Of(70),
                Plain,
                new Placement(centre, new Direction(0))
            );
            most = Math.Max(most, Math.Abs((context.ExpectedReading ?? 70) - 70));
        }
        most.ShouldBe(4.5885, 0.02);
    }

    [Theory]
    [InlineData(290, 70)]
    [InlineData(215, 145)]
    public void The_smaller_angle_for_the_reflex_one(double measure, double given) =>
        PredictionCatalogue
            .Predict(
                MistakeCatalogue.Get<SmallerForReflex>(),
                new ReflexSum(360 - measure, ReflexMethod.From360)
            )
            .ShouldBe([given]);

    [Theory]
    [InlineData(35, ReflexMethod.AddTo180, 35)]
    [InlineData(70, ReflexMethod.From360, 110)]
    public void The_half_turn_left_out(double part, ReflexMethod method, double given) =>
        PredictionCatalogue
            .Predict(MistakeCatalogue.Get<LeftOutHalfTurn>(), new ReflexSum(part, method))
            .ShouldBe([given]);

    [Fact]
    public void A_slip_at_the_borrow() =>
        PredictionCatalogue
            .Predict(MistakeCatalogue.Get<BorrowSlip>(), new ReflexSum(73, ReflexMethod.From360))
            .ShouldBe([297, 277, 387, 187], ignoreOrder: true);

    [Fact]
    public void Two_positions_added_or_the_last_one_given()
    {
        var sum = new RangeSum(25, 95);
        sum.Result.ShouldBe(70);
        PredictionCatalogue.Predict(MistakeCatalogue.Get<AddedForTaken>(), sum).ShouldBe([120]);
        PredictionCatalogue.Predict(MistakeCatalogue.Get<EndForRange>(), sum).ShouldBe([95]);
    }

    // Zeros at both ends of one line, counting opposite ways round: at 64 the other ring says 116, at 250 it says 290.
    private static readonly Protractor ZerosOpposite = InstrumentCatalogue.FullCircleTwoScales with
    {
        Id = "zeros-opposite",
        Scales =
        [
            new Scale("outer", 52, 180, TurnDirection.Clockwise, 360),
            new Scale("inner", 43, 0, TurnDirection.Anticlockwise, 360),
        ],
    };

    [Theory]
    [InlineData(64, 116)]
    [InlineData(250, 290)]
    public void The_other_scale_where_the_zeros_lie_opposite(double measure, double read)
    {
        Predicted(MistakeCatalogue.Get<OtherScale>(), measure, ZerosOpposite).ShouldBe([read]);
        Angle angle = Of(measure);
        Predicted(
                MistakeCatalogue.Get<OtherScale>(),
                measure,
                ZerosOpposite,
                new Placement(angle.Vertex, angle.Start)
            )
            .ShouldHaveSingleItem()
            .ShouldBe(read, 1e-6);
    }

    [Fact]
    public void The_ten_from_the_other_scale_where_the_zeros_lie_opposite() =>
        Predicted(MistakeCatalogue.Get<TenFromOtherScale>(), 64, ZerosOpposite)
            .ShouldBe([124, 114], ignoreOrder: true);
}
