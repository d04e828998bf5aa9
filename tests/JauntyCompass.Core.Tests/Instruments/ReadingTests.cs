using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;
using Point = JauntyCompass.Core.Angles.Point;

namespace JauntyCompass.Core.Tests.Instruments;

public class ReadingTests
{
    private static IEnumerable<Protractor> TwoScaleHalfCircles =>
        InstrumentCatalogue.All.Where(p =>
            p.Shape == ProtractorShape.HalfCircle && p.Scales.Count == 2
        );

    // Common practice, no source: on a half circle the two scales add to 180 at every graduation.
    [Fact]
    public void Two_scales_of_a_half_circle_add_to_180_at_every_graduation()
    {
        foreach (Protractor protractor in TwoScaleHalfCircles)
        {
            ProtractorFace face = ProtractorFace.Of(protractor);
            face.Graduations.Count.ShouldBe((int)(180 / protractor.SmallestGraduation) + 1);
            foreach (Graduation graduation in face.Graduations)
            {
                double sum = protractor.Scales.Sum(s => s.ReadingAt(graduation.Bearing)!.Value);
                sum.ShouldBe(180, 1e-9);
            }
            foreach (IGrouping<double, GraduationLabel> pair in face.Labels.GroupBy(l => l.Bearing))
            {
                pair.Sum(l => l.Number).ShouldBe(180);
            }
        }
    }

    // Independent reference: NetTopologySuite's intersection of the arm's line with a finely drawn graduated edge.
    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 60)]
    public void Crossings_agree_with_a_reference_geometry_package(LaidCase laid)
    {
        Crossing crossing = Crossing.Of(laid.Angle.EndArm, laid.Protractor, laid.Placement)!.Value;
        Point far = laid.Angle.Vertex.Towards(laid.Angle.End, 500);
        var factory = new GeometryFactory();
        LineString ray = factory.CreateLineString([At(laid.Angle.Vertex), At(far)]);
        Coordinate[] circle =
        [
            .. Enumerable
                .Range(0, 7201)
                .Select(i =>
                    At(
                        laid.Placement.Centre.Towards(
                            new Direction(i / 20.0),
                            laid.Protractor.EdgeRadius
                        )
                    )
                ),
        ];
        Geometry meets = ray.Intersection(factory.CreateLineString(circle));
        meets.Distance(factory.CreatePoint(At(crossing.At))).ShouldBeLessThan(1e-3);
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Laid_well_the_advised_scale_reads_the_measure(Angle angle)
    {
        foreach (Protractor protractor in TwoScaleHalfCircles)
        {
            LaidAngle laid = LaidAngle.Of(angle, protractor, Any.Well(angle), WhichArm.Start);
            laid.Advice.Reason.ShouldBe(AdviceReason.ZeroOnArmGrowsToOther);
            laid.CarefulReading!.Value.ShouldBe(angle.Measure.Degrees, 1e-6);
            laid.Reading(laid.Advice.ScaleIndex, WhichArm.Start)!.Value.ShouldBe(0, 1e-6);
            laid.Alignment.CentreOffset.ShouldBe(0);
        }
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Lined_up_with_either_arm_or_turned_over_the_reading_is_the_same(Angle angle)
    {
        Protractor protractor = InstrumentCatalogue.DeskHalfCircle;
        Angle other = angle.FromOtherArm;
        Placement over = new(angle.Vertex, Any.Well(angle).Turn, TurnedOver: true);
        LaidAngle
            .Of(angle, protractor, Any.Well(other))
            .CarefulReading!.Value.ShouldBe(angle.Measure.Degrees, 1e-6);
        LaidAngle
            .Of(angle, protractor, over)
            .CarefulReading!.Value.ShouldBe(angle.Measure.Degrees, 1e-6);
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Wherever_it_lies_with_the_centre_on_the_vertex_the_difference_of_readings_is_the_measure(
        LaidCase laid
    )
    {
        Placement centred = laid.Placement with { Centre = laid.Angle.Vertex };
        LaidAngle at = LaidAngle.Of(laid.Angle, laid.Protractor, centred);
        if (
            at.Reading(0, WhichArm.Start) is double start
            && at.Reading(0, WhichArm.End) is double end
        )
        {
            double difference = Math.Abs(end - start);
            double measure = laid.Angle.Measure.Degrees;
            // On a full circle the zero may lie between the two arms.
            bool past =
                laid.Protractor.Shape == ProtractorShape.FullCircle
                && Math.Abs(difference - measure) > 1e-6;
            (past ? 360 - difference : difference).ShouldBe(measure, 1e-6);
            if (!at.Alignment.IsLinedUp)
            {
                at.CarefulReading!.Value.ShouldBe(measure, 1e-6);
            }
        }
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Turning_and_sliding_sheet_and_instrument_together_changes_no_reading(
        LaidCase laid,
        int turn
    )
    {
        Angle angle = laid.Angle with { Vertex = default };
        Point centre = new(
            laid.Placement.Centre.X - laid.Angle.Vertex.X,
            laid.Placement.Centre.Y - laid.Angle.Vertex.Y
        );
        var here = new Placement(centre, laid.Placement.Turn, laid.Placement.TurnedOver);
        Direction there = Direction.Between(default, centre).Turned(turn % 360);
        var turned = new Placement(
            default(Point).Towards(there, default(Point).DistanceTo(centre)),
            here.Turn.Turned(turn % 360),
            here.TurnedOver
        );
        double? one = LaidAngle.Of(angle, laid.Protractor, here).Reading(0, WhichArm.End);
        double? other = LaidAngle
            .Of(angle.TurnedBy(turn % 360), laid.Protractor, turned)
            .Reading(0, WhichArm.End);
        if (one is double a && other is double b)
        {
            a.ShouldBe(b, 1e-6);
        }
    }

    // The surveying rule for the eccentricity of a graduated circle: the reading is off by asin(e·sin ψ / R), with ψ at the
    // vertex from the arm to the offset.
    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Centre_mark_off_the_vertex_costs_what_the_surveying_rule_says(
        Angle angle,
        byte millimetres,
        ushort towards
    )
    {
        Protractor protractor = InstrumentCatalogue.DeskHalfCircle;
        double e = 1 + millimetres % 9;
        var offset = new Direction(towards % 360);
        Placement placement = Any.Well(angle) with { Centre = angle.Vertex.Towards(offset, e) };
        LaidAngle laid = LaidAngle.Of(angle, protractor, placement, WhichArm.Start);
        if (
            laid.Reading(laid.Advice.ScaleIndex < 0 ? 0 : laid.Advice.ScaleIndex, WhichArm.End)
                is not double reading
            || laid.Advice.ScaleIndex < 0
        )
        {
            return;
        }
        double psi = angle.End.ShorterTurnTo(offset) * angle.Opening.Sign() * Math.PI / 180;
        double rule = -Math.Asin(e * Math.Sin(psi) / protractor.EdgeRadius) * 180 / Math.PI;
        (reading - angle.Measure.Degrees).ShouldBe(rule, 1e-6);
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void An_arm_is_short_by_what_is_missing_to_the_graduations(Angle angle)
    {
        LaidAngle laid = LaidAngle.Of(angle, InstrumentCatalogue.DeskHalfCircle, Any.Well(angle));
        laid.EndCrossing!.Value.Shortfall.ShouldBe(Math.Max(0, 75 - angle.EndLength), 1e-6);
        laid.EndCrossing.Value.Reaches.ShouldBe(angle.EndLength >= 75);
    }

    [Fact]
    public void With_the_vertex_outside_the_instrument_an_arm_that_leads_away_never_crosses_it()
    {
        var arm = new Arm(new Point(200, 0), new Direction(0), 50);
        Crossing
            .Of(arm, InstrumentCatalogue.DeskHalfCircle, new Placement(default, default))
            .ShouldBeNull();
        var back = new Arm(new Point(200, 0), new Direction(180), 50);
        Crossing
            .Of(back, InstrumentCatalogue.DeskHalfCircle, new Placement(default, default))!
            .Value.At.X.ShouldBe(-75, 1e-9);
    }

    [Fact]
    public void A_one_scale_half_circle_names_no_scale_where_its_zero_lies_on_the_other_side()
    {
        Protractor oneScale = InstrumentCatalogue.DeskHalfCircle with
        {
            Scales = [new Scale("only", 60, 0, TurnDirection.Anticlockwise, 180)],
        };
        var opensLeft = new Angle(
            default,
            new Direction(180),
            new Measure(50),
            TurnDirection.Clockwise,
            90,
            90
        );
        LaidAngle laid = LaidAngle.Of(opensLeft, oneScale, Any.Well(opensLeft), WhichArm.Start);
        laid.Advice.Reason.ShouldBe(AdviceReason.NoZeroOnThatArm);
        laid.CarefulReading!.Value.ShouldBe(50, 1e-6);
    }

    [Fact]
    public void The_rule_tells_when_neither_arm_is_on_zero_and_when_the_other_arm_is_off_the_graduations()
    {
        var angle = new Angle(
            default,
            new Direction(25),
            new Measure(70),
            TurnDirection.Anticlockwise,
            90,
            90
        );
        Protractor desk = InstrumentCatalogue.DeskHalfCircle;
        LaidAngle notAtZero = LaidAngle.Of(angle, desk, new Placement(default, new Direction(0)));
        notAtZero.Advice.Reason.ShouldBe(AdviceReason.NoArmOnZeroLine);
        notAtZero.CarefulReading!.Value.ShouldBe(70, 1e-6);
        LaidAngle otherSide = LaidAngle.Of(angle, desk, new Placement(default, new Direction(205)));
        otherSide.Advice.Reason.ShouldBe(AdviceReason.OtherArmOffGraduations);
        otherSide.CarefulReading.ShouldBeNull();
    }

    private static Coordinate At(Point point) => new(point.X, point.Y);
}
