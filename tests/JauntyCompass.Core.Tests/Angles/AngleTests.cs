using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using NetTopologySuite.Algorithm;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;
using Point = JauntyCompass.Core.Angles.Point;

namespace JauntyCompass.Core.Tests.Angles;

public class AngleTests
{
    // Kinds as the Common Core State Standards (4.G.A.1, 4.MD.C.5) and England's national curriculum (Years 5 and 6) define
    // them; zero angle and full turn: common practice, no source.
    [Theory]
    [InlineData(0, AngleKind.Zero)]
    [InlineData(0.5, AngleKind.Acute)]
    [InlineData(89.999, AngleKind.Acute)]
    [InlineData(90, AngleKind.Right)]
    [InlineData(90.001, AngleKind.Obtuse)]
    [InlineData(179.999, AngleKind.Obtuse)]
    [InlineData(180, AngleKind.Straight)]
    [InlineData(180.001, AngleKind.Reflex)]
    [InlineData(359.999, AngleKind.Reflex)]
    [InlineData(360, AngleKind.FullTurn)]
    public void Kind_follows_the_published_boundaries(double degrees, AngleKind kind) =>
        new Measure(degrees).Kind.ShouldBe(kind);

    [Theory]
    [InlineData(-0.001)]
    [InlineData(360.001)]
    [InlineData(double.NaN)]
    [InlineData(double.PositiveInfinity)]
    public void A_measure_out_of_range_cannot_be_made(double degrees) =>
        Should.Throw<ArgumentOutOfRangeException>(() => new Measure(degrees));

    [Property]
    public void A_direction_is_reduced_to_one_turn_without_changing_where_it_points(int hundredths)
    {
        var direction = new Direction(hundredths / 100.0);
        direction.Degrees.ShouldBeInRange(0, 359.9999999999);
        Math.Cos(direction.Degrees * Math.PI / 180)
            .ShouldBe(Math.Cos(hundredths / 100.0 * Math.PI / 180), 1e-6);
    }

    [Fact]
    public void A_direction_a_rounding_error_below_zero_is_zero() =>
        new Direction(-1e-15).Degrees.ShouldBe(0);

    // Independent reference: NetTopologySuite's angle between the tips as seen from the vertex.
    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void The_measure_agrees_with_a_reference_geometry_package(Angle angle)
    {
        double reference = AngleUtility.AngleBetween(
            At(angle.StartArm.Tip),
            At(angle.Vertex),
            At(angle.EndArm.Tip)
        );
        angle.Measure.Degrees.ShouldBe(AngleUtility.ToDegrees(reference), 1e-6);
    }

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void The_opening_turns_the_way_a_reference_geometry_package_says(Angle angle)
    {
        OrientationIndex side = Orientation.Index(
            At(angle.Vertex),
            At(angle.StartArm.Tip),
            At(angle.EndArm.Tip)
        );
        side.ShouldBe(
            angle.Opening == TurnDirection.Anticlockwise
                ? OrientationIndex.CounterClockwise
                : OrientationIndex.Clockwise
        );
    }

    // Common Core 4.MD.C.7: the measure of the whole is the sum of the measures of its parts.
    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Parts_of_an_angle_add_up_to_the_whole(Angle angle)
    {
        double toBisector = Math.Abs(angle.Start.ShorterTurnTo(angle.Bisector));
        double fromBisector = Math.Abs(angle.Bisector.ShorterTurnTo(angle.End));
        (toBisector + fromBisector).ShouldBe(angle.Measure.Degrees, 1e-9);
        toBisector.ShouldBe(fromBisector, 1e-9); // Euclid, Elements I.9
    }

    // Euclid, Elements I.13: the angles on a straight line make two right angles.
    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void An_angle_and_its_supplement_make_a_straight_line(Angle angle) =>
        (angle.Measure.Degrees + angle.Measure.Supplement!.Value.Degrees).ShouldBe(180, 1e-9);

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Told_from_its_other_arm_an_angle_is_the_same(Angle angle)
    {
        Angle other = angle.FromOtherArm;
        other.Start.ShorterTurnTo(angle.End).ShouldBe(0, 1e-9);
        other.End.ShorterTurnTo(angle.Start).ShouldBe(0, 1e-9);
        other.Measure.ShouldBe(angle.Measure);
    }

    // Euclid, Elements I.32, and the angle sum of a polygon, (n − 2)·180°, as in England's Year 6 programme.
    [Property]
    public void Interior_angles_of_any_convex_polygon_have_the_known_sum(byte corners, int seed)
    {
        int n = 3 + corners % 8;
        var random = new Random(seed);
        double[] turns = [.. Enumerable.Range(0, n).Select(_ => random.NextDouble() + 0.05)];
        double at = 0;
        Point[] polygon =
        [
            .. turns.Select(t =>
                default(Point).Towards(new Direction((at += t) * 360 / turns.Sum()), 50)
            ),
        ];
        double sum = Enumerable
            .Range(0, n)
            .Sum(i =>
                Direction
                    .Between(polygon[i], polygon[(i + 1) % n])
                    .AnticlockwiseTo(Direction.Between(polygon[i], polygon[(i + n - 1) % n]))
            );
        sum.ShouldBe((n - 2) * 180, 1e-6);
    }

    // Pythagorean triple 5-12-13: acute angles of 22.62° and 67.38° (trigonometric handbook tables, two decimals).
    [Fact]
    public void The_triangle_5_12_13_has_the_angles_of_the_tables()
    {
        var corner = new Point(0, 0);
        double small = Direction
            .Between(corner, new Point(12, 0))
            .ShorterTurnTo(Direction.Between(corner, new Point(12, 5)));
        small.ShouldBe(22.62, 0.005);
        (90 - small).ShouldBe(67.38, 0.005);
    }

    private static Coordinate At(Point point) => new(point.X, point.Y);
}
