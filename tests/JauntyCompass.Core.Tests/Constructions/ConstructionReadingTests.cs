using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;
using Angle = JauntyCompass.Core.Angles.Angle;
using Point = JauntyCompass.Core.Angles.Point;

namespace JauntyCompass.Core.Tests.Constructions;

/// <summary>
/// Constructions by hands of their own: Euclid, Elements I.1, I.9, I.11, I.22 and I.23. Crossings are recomputed with NetTopologySuite,
/// what comes of a slipped opening by the law of cosines.
/// </summary>
public class ConstructionReadingTests
{
    private static readonly Angle Sixty = new(
        default,
        default,
        new Measure(64),
        TurnDirection.Anticlockwise,
        70,
        70
    );
    private static readonly BaseRay Beside = new(new Point(120, 10), new Direction(20), 70);

    private static CompassStroke Arc(Point needle, double opening, Point at, double beyond = 16) =>
        Arc(needle, opening, at, at, beyond);

    private static CompassStroke Arc(
        Point needle,
        double opening,
        Point from,
        Point to,
        double beyond = 8
    )
    {
        var start = Direction.Between(needle, from);
        double turn = start.ShorterTurnTo(Direction.Between(needle, to));
        double sense = turn < 0 ? -1 : 1;
        return new CompassStroke(
            [
                .. Enumerable
                    .Range(0, 41)
                    .Select(i => -beyond + (Math.Abs(turn) + 2 * beyond) * i / 40)
                    .Select(t => needle.Towards(start.Turned(sense * t), opening)),
            ],
            needle
        );
    }

    // By the package, not by the product: two rings as fine as a tenth of a degree.
    private static Point Crossing(Point one, double opening, Point other, double second, Point near)
    {
        Geometry crossing = Ring(one, opening).Intersection(Ring(other, second));
        Coordinate found = crossing.Coordinates.MinBy(c => near.DistanceTo(new Point(c.X, c.Y)))!;
        return new Point(found.X, found.Y);
    }

    private static LineString Ring(Point centre, double radius) =>
        new([
            .. Enumerable
                .Range(0, 3601)
                .Select(i => centre.Towards(new Direction(i / 10.0), radius))
                .Select(p => new Coordinate(p.X, p.Y)),
        ]);

    private static ConstructionReading Read(
        ConstructionAim aim,
        Point through,
        params IReadOnlyList<CompassStroke> arcs
    ) =>
        ConstructionReading.Of(
            aim,
            [
                [aim.Vertex, aim.Vertex.Towards(Direction.Between(aim.Vertex, through), 90)],
            ],
            [.. arcs.Select(SeenArc.Of).OfType<SeenArc>()]
        );

    private static (Point One, Point Other) OnArms(Angle angle, double opening) =>
        (angle.Vertex.Towards(angle.Start, opening), angle.Vertex.Towards(angle.End, opening));

    private static ConstructionReading Bisected(double second, Angle? angle = null)
    {
        Angle given = angle ?? Sixty;
        (Point one, Point other) = OnArms(given, 40);
        Point meeting = Crossing(one, 42, other, second, given.Vertex.Towards(given.Bisector, 300));
        return Read(
            ConstructionAim.Bisecting(given),
            meeting,
            Arc(given.Vertex, 40, one, other),
            Arc(one, 42, meeting),
            Arc(other, second, meeting)
        );
    }

    [Theory]
    [InlineData(24)]
    [InlineData(64)]
    [InlineData(90)]
    [InlineData(121)]
    [InlineData(150)]
    public void Equal_arcs_from_the_crossings_halve_any_angle(double measure)
    {
        Angle angle = Sixty with { Measure = new Measure(measure) };
        (Point one, Point other) = OnArms(angle, 40);
        double arcs = 0.5 * one.DistanceTo(other) + 15;
        Point meeting = Crossing(one, arcs, other, arcs, angle.Vertex.Towards(angle.Bisector, 300));
        ConstructionReading reading = Read(
            ConstructionAim.Bisecting(angle),
            meeting,
            // Order does not matter, nor do arcs too many.
            Arc(other, arcs, meeting),
            Arc(new Point(-30, -30), 12, new Point(-30, -18)),
            Arc(one, arcs, meeting),
            Arc(angle.Vertex, 40, one, other)
        );
        reading.Flaw.ShouldBe(ConstructionFlaw.None);
        reading.Turn!.Value.ShouldBe(measure / 2, 0.1);
    }

    [Theory]
    [InlineData(12)]
    [InlineData(-9)]
    public void A_slipped_opening_is_named_though_the_line_runs_elsewhere(double beside)
    {
        (Point one, Point other) = OnArms(Sixty, 40);
        Point meeting = Crossing(one, 42, other, 39, default(Point).Towards(Sixty.Bisector, 300));
        ConstructionReading reading = Read(
            ConstructionAim.Bisecting(Sixty),
            default(Point).Towards(Direction.Between(default, meeting).Turned(beside), 60),
            Arc(default, 40, one, other),
            Arc(one, 42, meeting),
            Arc(other, 39, meeting)
        );
        reading.Flaw.ShouldBe(ConstructionFlaw.OpeningChanged);
        reading.Size.ShouldBe(3, 0.1);
    }

    [Fact]
    public void Arcs_that_mean_nothing_are_hardly_ever_taken_for_a_construction()
    {
        const int Sheets = 300;
        var random = new SeededRandom(31);
        Point Anywhere() => new(random.Between(-60, 60), random.Between(-40, 60));
        int named = Enumerable
            .Range(0, Sheets)
            .Count(_ =>
            {
                CompassStroke[] arcs =
                [
                    .. Enumerable
                        .Range(0, 4)
                        .Select(_ => Arc(Anywhere(), random.Between(15, 55), Anywhere(), 30)),
                ];
                return Read(ConstructionAim.Bisecting(Sixty), Anywhere(), arcs).Flaw
                    != ConstructionFlaw.Unknown;
            });
        named.ShouldBeLessThanOrEqualTo(Sheets / 50);
    }

    [Fact]
    public void A_slipped_opening_is_found_with_its_size_and_what_comes_of_it()
    {
        ConstructionReading reading = Bisected(40);
        reading.Flaw.ShouldBe(ConstructionFlaw.OpeningChanged);
        reading.Size.ShouldBe(2, 0.1);
        // The foot of the meeting point on the line of the crossings, by the law of cosines.
        double apart = 2 * 40 * Math.Sin(32 * Math.PI / 180);
        double along = (apart * apart + 42 * 42 - 40 * 40) / (2 * apart);
        double height = Math.Sqrt(42 * 42 - along * along);
        double off =
            Math.Atan2(along - apart / 2, 40 * Math.Cos(32 * Math.PI / 180) + height)
            * (180 / Math.PI);
        (reading.Turn!.Value - 32).ShouldBe(off, 0.1);
    }

    [Fact]
    public void Openings_that_have_nothing_to_do_with_each_other_are_told_from_one_that_slipped() =>
        Bisected(32).Flaw.ShouldBe(ConstructionFlaw.UnlikeOpenings);

    [Fact]
    public void The_right_angle_the_wrong_way_is_told_from_the_right_way()
    {
        var aim = ConstructionAim.Bisecting(Sixty);
        ConstructionReading reading = Read(aim, Sixty.Vertex.Towards(Sixty.Bisector, 50));
        reading.Flaw.ShouldBe(ConstructionFlaw.NoArcs);
        reading.Turn!.Value.ShouldBe(32, 0.01);
    }

    [Fact]
    public void An_empty_sheet_shows_no_mistake() =>
        ConstructionReading
            .Of(ConstructionAim.Bisecting(Sixty), [], [])
            .Flaw.ShouldBe(ConstructionFlaw.Unknown);

    [Fact]
    public void An_unsteady_hand_is_told_from_a_wrong_way()
    {
        (Point one, Point other) = OnArms(Sixty, 40);
        Point meeting = Crossing(one, 42, other, 42, Sixty.Vertex.Towards(Sixty.Bisector, 300));
        ConstructionReading reading = Read(
            ConstructionAim.Bisecting(Sixty),
            Sixty.Vertex.Towards(Sixty.Bisector.Turned(3.5), 60),
            Arc(Sixty.Vertex, 40, one, other),
            Arc(one, 42, meeting),
            Arc(other, 42, meeting)
        );
        reading.Flaw.ShouldBe(ConstructionFlaw.None);
        reading.Turn!.Value.ShouldBe(35.5, 0.1);
    }

    [Fact]
    public void An_angle_is_copied_by_one_distance_or_by_three_sides()
    {
        var aim = ConstructionAim.Copying(Sixty, Beside, TurnDirection.Clockwise);
        (Point one, Point other) = OnArms(Sixty, 38);
        Point on = aim.Vertex.Towards(aim.Start, 38);
        Point wanted = aim.Vertex.Towards(aim.Wanted, 38);
        Read(
            aim,
            wanted,
            Arc(default, 38, one, other),
            Arc(aim.Vertex, 38, on, wanted),
            Arc(on, one.DistanceTo(other), wanted)
        )
            .Flaw.ShouldBe(ConstructionFlaw.None);
        // Three sides, as Euclid has it: unlike distances on the arms, and the one between them.
        Point nearer = Sixty.Vertex.Towards(Sixty.End, 30);
        Point third = aim.Vertex.Towards(aim.Wanted, 30);
        Read(
            aim,
            third,
            Arc(default, 38, one),
            Arc(default, 30, nearer),
            Arc(aim.Vertex, 38, on),
            Arc(aim.Vertex, 30, third),
            Arc(on, one.DistanceTo(nearer), third)
        )
            .Flaw.ShouldBe(ConstructionFlaw.None);
    }

    [Fact]
    public void A_copy_with_an_opening_that_changed_is_found_by_that()
    {
        var aim = ConstructionAim.Copying(Sixty, Beside, TurnDirection.Clockwise);
        (Point one, Point other) = OnArms(Sixty, 38);
        Point on = aim.Vertex.Towards(aim.Start, 36);
        double distance = one.DistanceTo(other);
        Point meeting = Crossing(aim.Vertex, 36, on, distance, aim.Vertex.Towards(aim.Wanted, 36));
        ConstructionReading reading = Read(
            aim,
            meeting,
            Arc(default, 38, one, other),
            Arc(aim.Vertex, 36, on, meeting),
            Arc(on, distance, meeting)
        );
        reading.Flaw.ShouldBe(ConstructionFlaw.OpeningChanged);
        // By the law of cosines.
        reading.Turn!.Value.ShouldBe(
            Math.Acos(1 - distance * distance / (2 * 36 * 36)) * (180 / Math.PI),
            0.1
        );
    }

    [Theory]
    [InlineData(0, 0.02)]
    [InlineData(1.5, 0.93)]
    public void A_change_between_two_shaken_arcs_is_found_and_none_is_claimed(
        double change,
        double share
    )
    {
        var random = new SeededRandom(7);
        (Point one, Point other) = OnArms(Sixty, 40);
        int found = 0;
        const int Tried = 400;
        for (int i = 0; i < Tried; i++)
        {
            Point meeting = Crossing(one, 42, other, 42 + change, new Point(200, 125));
            CompassStroke[] arcs =
            [
                .. new[]
                {
                    Arc(default, 40, one, other),
                    Arc(one, 42, meeting),
                    Arc(other, 42 + change, meeting),
                }.Select(a =>
                    a with
                    {
                        Points =
                        [
                            .. a.Points.Select(p => new Point(
                                p.X + random.Normal(0.5),
                                p.Y + random.Normal(0.5)
                            )),
                        ],
                    }
                ),
            ];
            ConstructionReading reading = Read(ConstructionAim.Bisecting(Sixty), meeting, arcs);
            found += reading.Flaw == ConstructionFlaw.OpeningChanged ? 1 : 0;
        }
        if (change == 0)
        {
            ((double)found / Tried).ShouldBeLessThanOrEqualTo(share);
        }
        else
        {
            ((double)found / Tried).ShouldBeGreaterThan(share);
        }
    }

    [Fact]
    public void Arcs_among_strokes_are_found_and_held_to_their_points()
    {
        (Point one, Point other) = OnArms(Sixty, 40);
        Point meeting = Crossing(one, 42, other, 42, Sixty.Vertex.Towards(Sixty.Bisector, 300));
        ConstructionReading reading = ConstructionReading.Of(
            ConstructionAim.Bisecting(Sixty),
            [
                Arc(Sixty.Vertex, 40, one, other).Points,
                Arc(one, 42, meeting, 25).Points,
                Arc(other, 42, meeting, 25).Points,
                [Sixty.Vertex, Sixty.Vertex.Towards(Sixty.Bisector, 90)],
            ],
            []
        );
        reading.Arcs.Count.ShouldBe(3);
        reading.Arcs.ShouldContain(a => a.Centre.DistanceTo(one) < 0.1);
        reading.Flaw.ShouldBe(ConstructionFlaw.None);
    }
}
