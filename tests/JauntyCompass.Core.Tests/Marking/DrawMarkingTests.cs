using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

public class DrawMarkingTests
{
    private static readonly Point Vertex = new(-4, -30);

    private static DrawItem Item(
        double measure,
        TurnDirection opening = TurnDirection.Anticlockwise,
        double start = 0
    ) =>
        new(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            new Measure(measure),
            new BaseRay(Vertex, new Direction(start), 90),
            opening,
            new AngleNames("K", "L", "M")
        );

    private static Placement Well(DrawItem item) =>
        new(
            item.BaseRay!.Vertex,
            item.Opening == TurnDirection.Anticlockwise
                ? item.BaseRay.Direction
                : item.BaseRay.Direction.Opposite
        );

    /// <summary>A drawing through a dot at <paramref name="turn"/> degrees from the base ray, by default without a flaw.</summary>
    private static DrawResponse Drawn(
        DrawItem item,
        double turn,
        double length = 90,
        double gap = 0,
        double miss = 0,
        double? arcAt = null
    )
    {
        int sign = item.Opening.Sign();
        Direction outward = item.BaseRay!.Direction.Turned(sign * turn);
        Point dot = Vertex.Towards(outward, 76);
        Point through = dot.Towards(outward.Turned(90), miss);
        Direction line = Direction.Between(Vertex, through);
        Point from = Vertex.Towards(line, gap);
        Point arc = Vertex.Towards(item.BaseRay.Direction.Turned(sign * (arcAt ?? turn / 2)), 15);
        return new DrawResponse(
            [new Stroke([from, Vertex.Towards(line, length)])],
            [dot],
            arc,
            Well(item)
        );
    }

    private static Mark MarkOf(DrawItem item, DrawResponse response) =>
        ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);

    // Where every stroke was seen as it was made, what is not found is not there; a picture may have lost it.
    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Of_an_arc_that_nobody_could_look_for_nothing_is_said(bool lost)
    {
        DrawItem item = Item(64);
        Mark mark = MarkOf(
            item,
            Drawn(item, 64) with
            {
                Arc = null,
                NotSeen = lost ? [DrawnPart.Arc] : null,
            }
        );
        mark.Causes.Any(c => c.Mistake == "arc-missing").ShouldBe(!lost);
    }

    [Theory]
    [InlineData(false)]
    [InlineData(true)]
    public void Without_a_dot_that_could_be_seen_nobody_drew_by_eye(bool lost)
    {
        DrawItem item = Item(64);
        Mark mark = MarkOf(
            item,
            Drawn(item, 76) with
            {
                Dots = [],
                Placement = null,
                NeverLaid = true,
                NotSeen = lost ? [DrawnPart.Dot] : null,
            }
        );
        mark.Causes.Any(c => c.Mistake == "drew-by-eye").ShouldBe(!lost);
    }

    [Theory]
    [InlineData(true)]
    [InlineData(false)]
    public void A_drawing_too_faint_to_see_is_not_called_unfinished(bool hasBaseRay)
    {
        DrawItem item = hasBaseRay ? Item(64) : Item(64) with { BaseRay = null };
        var nothing = new DrawResponse([], []);
        MarkOf(item, nothing).Feedback.Happened.Said().ShouldContain("on the sheet yet");
        Mark faint = MarkOf(item, nothing with { NotSeen = [DrawnPart.Ray] });
        faint.Feedback.Happened.Said().ShouldContain("too faint");
        faint.Verdict.ShouldBe(Verdict.NotYet);
    }

    [Fact]
    public void A_straight_angle_of_which_the_arc_is_lost_keeps_all_its_credit()
    {
        var item = new DrawSpecialItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            SpecialDrawing.Straight,
            new Measure(180),
            new BaseRay(Vertex, default, 90),
            TurnDirection.Anticlockwise,
            new AngleNames("K", "L", "M")
        );
        var line = new DrawSpecialResponse(
            [new Stroke([Vertex, Vertex.Towards(new Direction(180), 90)])],
            []
        );
        ExerciseKind kind = ExerciseKinds.Of(item);
        (kind.Mark(item, line, MarkingRules.Usual).Credit < 1).ShouldBeTrue();
        kind.Mark(item, line with { NotSeen = [DrawnPart.Arc] }, MarkingRules.Usual)
            .Credit.ShouldBe(1);
    }

    // 182 the asked way round is 178 the other way; neither makes it what ticks counted backwards from 172 come to.
    [Fact]
    public void A_ray_that_went_past_the_straight_line_went_past_it()
    {
        DrawItem item = Item(172);
        Mark mark = MarkOf(item, Drawn(item, 182));
        mark.Value!.Value.ShouldBe(182, 1e-6);
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.LikelyCause.ShouldNotBe("ticks-backwards");
        mark.LikelyCause.ShouldNotBe("opens-wrong-way");
    }

    [Property]
    public void A_true_drawing_is_accepted_whichever_way_it_lies(
        byte tenths,
        ushort start,
        bool clockwise
    )
    {
        DrawItem item = Item(
            5 + tenths * 0.65,
            clockwise ? TurnDirection.Clockwise : TurnDirection.Anticlockwise,
            start % 360
        );
        Mark mark = MarkOf(item, Drawn(item, item.Measure.Degrees));
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Value!.Value.ShouldBe(item.Measure.Degrees, 1e-6);
    }

    [Theory]
    [InlineData(52, 128, "other-scale")]
    [InlineData(37, 33, "ticks-backwards")]
    [InlineData(105, 115, "wrong-ten")]
    [InlineData(64, 9, "not-explained")]
    public void A_dot_in_the_wrong_place_is_named(double asked, double drawn, string cause)
    {
        DrawItem item = Item(asked);
        Mark mark = MarkOf(item, Drawn(item, drawn));
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.LikelyCause.ShouldBe(cause);
    }

    [Fact]
    public void Opening_the_wrong_way_is_told_from_a_wrong_measure()
    {
        Mark mark = MarkOf(Item(40), Drawn(Item(40), -40));
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.LikelyCause.ShouldBe("opens-wrong-way");
        mark.Value!.Value.ShouldBe(40, 1e-6);
    }

    [Fact]
    public void A_hair_past_the_straight_line_is_not_the_wrong_way() =>
        MarkOf(Item(179), Drawn(Item(179), 181)).Verdict.ShouldBe(Verdict.Accepted);

    [Fact]
    public void A_gap_at_the_vertex_is_seen_and_measured()
    {
        DrawItem item = Item(64);
        Mark small = MarkOf(item, Drawn(item, 64, gap: 3));
        small.Verdict.ShouldBe(Verdict.Near);
        small.LikelyCause.ShouldBe("gap-at-vertex");
        small.Feedback.Happened.Said().ShouldContain("3 mm");
        MarkOf(item, Drawn(item, 64, gap: 9)).Verdict.ShouldBe(Verdict.NotYet);
        MarkOf(item, Drawn(item, 64, gap: 0.6)).Verdict.ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void A_ray_beside_its_own_dot_is_charged_to_ruling()
    {
        DrawItem item = Item(64);
        Mark mark = MarkOf(item, Drawn(item, 64, miss: 6));
        mark.LikelyCause.ShouldBe("missed-own-dot");
        mark.Parts!.Ruling.ShouldBe(Math.Atan2(6, 76) * 180 / Math.PI, 1e-6);
        mark.Parts.Whole.ShouldBe(mark.Error!.Value, 1e-9);
        mark.Parts.Placing.ShouldBe(0, 1e-6);
    }

    [Fact]
    public void An_arm_too_short_to_measure_again_is_near()
    {
        DrawItem item = Item(64);
        Mark mark = MarkOf(item, Drawn(item, 64, length: 50));
        mark.Verdict.ShouldBe(Verdict.Near);
        mark.LikelyCause.ShouldBe("arm-too-short");
        mark.Feedback.Happened.Said().ShouldContain("25 mm");
    }

    [Fact]
    public void The_arc_must_be_there_and_in_the_right_opening()
    {
        DrawItem item = Item(64);
        MarkOf(item, Drawn(item, 64) with { Arc = null }).LikelyCause.ShouldBe("arc-missing");
        Mark outside = MarkOf(item, Drawn(item, 64, arcAt: 200));
        outside.LikelyCause.ShouldBe("arc-in-other-opening");
        outside.Verdict.ShouldBe(Verdict.NotYet);
    }

    [Fact]
    public void Laying_the_straight_edge_on_the_ray_is_named_with_and_without_its_placement()
    {
        DrawItem item = Item(35);
        var placement = new Placement(new Point(Vertex.X, Vertex.Y + 7), new Direction(0));
        Point dot = placement.PointAt(35, 75);
        Direction line = Direction.Between(Vertex, dot);
        var response = new DrawResponse(
            [new Stroke([Vertex, Vertex.Towards(line, 95)])],
            [dot],
            Vertex.Towards(line.Turned(-10), 15),
            placement
        );
        MarkOf(item, response).LikelyCause.ShouldBe("straight-edge-for-zero-line");
        MarkOf(item, response with { Placement = null })
            .Causes.ShouldContain(c =>
                c.Mistake == "straight-edge-for-zero-line" && c.Likelihood > 0.2
            );
    }

    [Fact]
    public void An_empty_sheet_is_unfinished_and_not_an_error()
    {
        Mark mark = MarkOf(Item(64), new DrawResponse([], []));
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.Value.ShouldBeNull();
        mark.Feedback.Happened.Said().ShouldContain("no second ray");
    }

    [Property]
    public void Shaky_strokes_drawn_from_either_end_give_nearly_the_true_direction(
        int seed,
        bool backwards
    )
    {
        var random = new SeededRandom(seed);
        DrawItem item = Item(64);
        Direction outward = new(64);
        List<Point> points =
        [
            .. Enumerable
                .Range(0, 31)
                .Select(i =>
                    Vertex.Towards(outward, i * 3).Towards(outward.Turned(90), random.Normal(0.5))
                ),
        ];
        if (backwards)
        {
            points.Reverse();
        }
        var response = new DrawResponse(
            [new Stroke(points)],
            [],
            Vertex.Towards(new Direction(30), 15),
            Well(item)
        );
        Mark mark = MarkOf(item, response);
        Math.Abs(mark.Error!.Value).ShouldBeLessThan(1.2);
        mark.Verdict.ShouldBe(Verdict.Accepted);
    }
}
