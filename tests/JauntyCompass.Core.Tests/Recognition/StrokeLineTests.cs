using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Recognition;
using NetTopologySuite.Geometries;
using Shouldly;
using Xunit;
using Point = JauntyCompass.Core.Angles.Point;

namespace JauntyCompass.Core.Tests.Recognition;

public class StrokeLineTests
{
    [Property]
    public void A_straight_stroke_is_its_own_line_whichever_way_it_was_drawn(
        ushort direction,
        byte length,
        bool backwards
    )
    {
        var vertex = new Point(4, -9);
        var towards = new Direction(direction % 360);
        double reach = 5 + length;
        Point[] stroke =
        [
            .. Enumerable.Range(0, 12).Select(i => vertex.Towards(towards, reach * i / 11)),
        ];
        PencilMarks marks = PencilMarks.Of(
            [backwards ? [.. stroke.Reverse()] : stroke],
            [],
            arc: null
        );
        StrokeLine line = marks.Lines.ShouldHaveSingleItem().Seen(vertex);
        line.Direction.ShorterTurnTo(towards).ShouldBe(0, 1e-6);
        line.Length.ShouldBe(reach, 1e-6);
        line.Near.DistanceTo(vertex).ShouldBe(0, 1e-6);
    }

    // Independent reference: NetTopologySuite's distance from a point to a segment.
    [Property]
    public void Distances_agree_with_a_reference_geometry_package(int seed)
    {
        var random = new SeededRandom(seed);
        Point Somewhere() => new(random.Normal(40), random.Normal(40));
        var line = new StrokeLine(Somewhere(), Somewhere());
        Point point = Somewhere();
        var segment = new LineSegment(line.Near.X, line.Near.Y, line.Far.X, line.Far.Y);
        line.DistanceFrom(point).ShouldBe(segment.Distance(new Coordinate(point.X, point.Y)), 1e-9);
    }

    [Fact]
    public void A_slip_of_the_pencil_is_no_line()
    {
        Point[][] slips =
        [
            [new Point(1, 1)],
            [new Point(1, 1), new Point(2, 2)],
            [new Point(1, 1), new Point(1, 1), new Point(1, 1)],
        ];
        foreach (Point[] slip in slips)
        {
            PencilMarks.Of([slip], [], arc: null).Lines.ShouldBeEmpty();
        }
    }

    [Theory]
    [InlineData(40, 140, 140)]
    [InlineData(40, 320, -40)]
    [InlineData(178, 181, 181)]
    [InlineData(30, 181, -179)]
    public void A_turn_is_told_the_asked_way_round(double asked, double drawn, double turn)
    {
        foreach (
            TurnDirection opening in new[] { TurnDirection.Anticlockwise, TurnDirection.Clockwise }
        )
        {
            var angle = new Angle(default, new Direction(70), new Measure(asked), opening, 90, 90);
            DrawnTurn.Of(angle, angle.Start.Turned(opening.Sign() * drawn)).ShouldBe(turn, 1e-9);
        }
    }
}
