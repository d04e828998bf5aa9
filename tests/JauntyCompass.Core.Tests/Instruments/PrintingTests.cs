using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Instruments;

public class PrintingTests
{
    private static readonly Protractor FullCircle = new(
        "full",
        "Full circle",
        ProtractorShape.FullCircle,
        EdgeRadius: 60,
        HalfLength: 60,
        Inset: 0,
        SmallestGraduation: 1,
        [
            new Scale("anticlockwise", 50, 0, TurnDirection.Anticlockwise, 360),
            new Scale("clockwise", 42, 0, TurnDirection.Clockwise, 360),
        ]
    );

    [Property]
    public void A_reading_stands_where_its_scale_says_and_is_read_there(
        byte scale,
        ushort hundredths
    )
    {
        Scale ring = InstrumentCatalogue.DeskHalfCircle.Scales[scale % 2];
        double reading = hundredths % 18_001 / 100.0;
        ring.ReadingAt(ring.BearingOf(reading))!.Value.ShouldBe(reading, 1e-9);
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Bearings_and_directions_go_there_and_back_turned_over_or_not(
        LaidCase laid,
        ushort bearing
    )
    {
        double there = bearing % 36_000 / 100.0;
        double back = laid.Placement.BearingOf(laid.Placement.DirectionOf(there));
        new Direction(back).ShorterTurnTo(new Direction(there)).ShouldBe(0, 1e-9);
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Turned_over_the_printing_is_mirrored(LaidCase laid)
    {
        Placement up = laid.Placement with { TurnedOver = false };
        Placement over = laid.Placement with { TurnedOver = true };
        over.DirectionOf(0).ShorterTurnTo(up.DirectionOf(180)).ShouldBe(0, 1e-9);
        over.DirectionOf(90).ShorterTurnTo(up.DirectionOf(90)).ShouldBe(0, 1e-9);
        over.DirectionOf(40).ShorterTurnTo(up.DirectionOf(140)).ShouldBe(0, 1e-9);
    }

    // The same engine, other data: a full circle measures a reflex angle directly, and its two scales add to 360.
    [Property]
    public void A_full_circle_measures_reflex_angles_without_a_line_of_its_own(
        byte more,
        bool clockwise
    )
    {
        double measure = 181 + more * 0.69;
        var angle = new Angle(
            default,
            new Direction(33),
            new Measure(measure),
            clockwise ? TurnDirection.Clockwise : TurnDirection.Anticlockwise,
            80,
            80
        );
        LaidAngle laid = LaidAngle.Of(
            angle,
            FullCircle,
            new Placement(default, new Direction(33)),
            WhichArm.Start
        );
        laid.CarefulReading!.Value.ShouldBe(measure, 1e-6);
        FullCircle.Scales[laid.Advice.ScaleIndex].Growth.ShouldBe(angle.Opening);
        (laid.Reading(0, WhichArm.End)!.Value + laid.Reading(1, WhichArm.End)!.Value).ShouldBe(
            360,
            1e-6
        );
    }

    [Fact]
    public void A_full_circle_prints_one_number_where_zero_and_360_meet()
    {
        ProtractorFace face = ProtractorFace.Of(FullCircle);
        face.Graduations.Count.ShouldBe(360);
        face.Labels.Count(l => l.ScaleIndex == 0).ShouldBe(36);
        face.Labels.ShouldNotContain(l => l.Number == 360);
    }

    [Theory]
    [InlineData(64, new double[] { 0, 10, 20, 30, 40, 50, 60, 61, 62, 63, 64 })]
    [InlineData(37, new double[] { 0, 10, 20, 30, 35, 36, 37 })]
    [InlineData(20, new double[] { 0, 10, 20 })]
    [InlineData(3.4, new double[] { 0, 1, 2, 3 })]
    public void The_thread_counts_tens_then_a_five_then_ones(double reading, double[] counted)
    {
        var placement = new Placement(new Point(5, 5), new Direction(20));
        CountingThread thread = CountingThread.Along(
            InstrumentCatalogue.DeskHalfCircle,
            placement,
            1,
            reading
        );
        thread.Stops.Select(s => s.Reading).ShouldBe(counted);
        foreach (ThreadStop stop in thread.Stops)
        {
            stop.At.DistanceTo(placement.Centre).ShouldBe(thread.Radius, 1e-9);
            Direction
                .Between(placement.Centre, stop.At)
                .ShorterTurnTo(placement.DirectionOf(stop.Reading))
                .ShouldBe(0, 1e-9);
        }
    }

    [Fact]
    public void An_instrument_that_cannot_exist_is_refused_field_by_field()
    {
        Protractor broken = InstrumentCatalogue.DeskHalfCircle with
        {
            EdgeRadius = double.NaN,
            Inset = -1,
            SmallestGraduation = 3,
            Scales =
            [
                new Scale("a", 50, 0, TurnDirection.Clockwise, 360),
                new Scale("a", 700, 360, TurnDirection.Clockwise, 180),
            ],
        };
        string[] fields = [.. ValidationErrors.Of(broken).Found.Select(f => f.Field)];
        fields.ShouldContain("edgeRadius");
        fields.ShouldContain("inset");
        fields.ShouldContain("smallestGraduation");
        fields.ShouldContain("scales[0].extent");
        fields.ShouldContain("scales[1].radius");
        fields.ShouldContain("scales[1].zeroAt");
        fields.ShouldContain("scales[1].id");
        foreach (Protractor shipped in InstrumentCatalogue.All)
        {
            ValidationErrors.Of(shipped).None.ShouldBeTrue();
        }
    }
}
