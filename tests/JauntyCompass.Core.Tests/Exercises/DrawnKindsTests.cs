using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.ByEye;
using JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Sheet;
using Shouldly;
using Xunit;
using static JauntyCompass.Core.Tests.Exercises.KindTrial;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Special angles that are drawn, and what is drawn by eye: the line, the arc, and the reading of one's own drawing.</summary>
public class DrawnKindsTests
{
    private static DrawSpecialItem Special(
        SpecialDrawing wanted,
        double measure,
        TurnDirection opening
    ) =>
        new(
            Any.Prompt,
            Desk,
            wanted,
            new Measure(measure),
            new BaseRay(new Point(4, -7), new Direction(25), 83),
            opening,
            Names
        );

    // Turned by so much from the base ray the way the angle opens; the arc stands at another such turn.
    private static DrawSpecialResponse Drawn(DrawSpecialItem item, double turn, double? arcAt)
    {
        Point vertex = item.BaseRay.Vertex;
        Point At(double degrees, double far) =>
            vertex.Towards(item.BaseRay.Direction.Turned(item.Opening.Sign() * degrees), far);
        return new DrawSpecialResponse(
            [new Stroke([vertex, At(turn, 40), At(turn, 88)])],
            [At(turn, 76)],
            arcAt is double arc ? At(arc, 14) : null
        );
    }

    public static TheoryData<SpecialDrawing, double> Wanted =>
        new()
        {
            { SpecialDrawing.Straight, 180 },
            { SpecialDrawing.Right, 90 },
            { SpecialDrawing.Reflex, 235 },
            { SpecialDrawing.Reflex, 310 },
            { SpecialDrawing.Supplement, 64 },
            { SpecialDrawing.Supplement, 131 },
        };

    [Theory]
    [MemberData(nameof(Wanted))]
    public void What_is_asked_for_is_accepted_either_way_round(
        SpecialDrawing wanted,
        double measure
    )
    {
        foreach (TurnDirection opening in Enum.GetValues<TurnDirection>())
        {
            DrawSpecialItem item = Special(wanted, measure, opening);
            Mark right = Marked(item, Drawn(item, measure, measure / 2));
            right.Verdict.ShouldBe(Verdict.Accepted, $"{wanted} {opening}");
            right.Credit.ShouldBe(1);
            right.LikelyCause.ShouldBeNull();
            Mark off = Marked(item, Drawn(item, measure - 7, measure / 2));
            off.Verdict.ShouldBe(Verdict.NotYet, $"{wanted} {opening}");
            off.Error!.Value.ShouldBe(-7, 0.01);
        }
    }

    [Theory]
    [InlineData(172)]
    [InlineData(188)]
    public void A_straight_angle_has_no_wrong_way(double drawn)
    {
        DrawSpecialItem item = Special(SpecialDrawing.Straight, 180, TurnDirection.Clockwise);
        foreach (double arc in new[] { 90.0, 270 })
        {
            Mark strayed = Marked(item, Drawn(item, drawn, arc));
            strayed.Verdict.ShouldBe(Verdict.NotYet);
            strayed.Value!.Value.ShouldBe(drawn, 0.1);
            strayed.LikelyCause.ShouldNotBe("opens-wrong-way");
            Of(strayed, "arc").ShouldBe(Verdict.Accepted);
        }
    }

    [Fact]
    public void The_arc_belongs_to_the_angle_as_it_was_drawn()
    {
        DrawSpecialItem reflex = Special(SpecialDrawing.Reflex, 233, TurnDirection.Clockwise);
        Mark mirrored = Marked(reflex, Drawn(reflex, -233, -116));
        mirrored.LikelyCause.ShouldBe("opens-wrong-way");
        Of(mirrored, "arc").ShouldBe(Verdict.Accepted);
        DrawSpecialItem right = Special(SpecialDrawing.Right, 90, TurnDirection.Clockwise);
        Of(Marked(right, Drawn(right, -90, -45)), "arc").ShouldBe(Verdict.Accepted);
        Of(Marked(right, Drawn(right, -90, 45)), "arc").ShouldBe(Verdict.NotYet);
    }

    [Theory]
    [InlineData(4, false)]
    [InlineData(-14, true)]
    public void Who_draws_past_the_dot_at_a_rim_that_lay_nearer_draws_far_enough(
        double pastDot,
        bool tooShort
    )
    {
        const double Back = 9;
        DrawSpecialItem item = Special(SpecialDrawing.Supplement, 90, TurnDirection.Anticlockwise);
        Point vertex = item.BaseRay.Vertex;
        Direction up = item.BaseRay.Direction.Turned(90);
        double dot = Desk.EdgeRadius - Back + 1;
        var response = new DrawSpecialResponse(
            [new Stroke([vertex, vertex.Towards(up, 30), vertex.Towards(up, dot + pastDot)])],
            [vertex.Towards(up, dot)],
            vertex.Towards(item.BaseRay.Direction.Turned(45), 14),
            new Placement(vertex.Towards(up.Opposite, Back), item.BaseRay.Direction)
        );
        Marked(item, response).Causes.Any(c => c.Mistake == "arm-too-short").ShouldBe(tooShort);
    }

    [Fact]
    public void A_reflex_angle_with_its_arc_inside_is_told_apart_from_the_wrong_angle()
    {
        DrawSpecialItem item = Special(SpecialDrawing.Reflex, 250, TurnDirection.Anticlockwise);
        Mark inside = Marked(item, Drawn(item, 250, 300));
        inside.Verdict.ShouldBe(Verdict.NotYet);
        inside.LikelyCause.ShouldBe("reflex-arc-inside");
        Of(inside, "drawing").ShouldBe(Verdict.Accepted);
        Mark wrong = Marked(item, Drawn(item, 290, 125));
        wrong.LikelyCause.ShouldNotBe("reflex-arc-inside");
        Of(wrong, "drawing").ShouldBe(Verdict.NotYet);
        Of(wrong, "arc").ShouldBe(Verdict.Accepted);
        Mark missing = Marked(item, Drawn(item, 250, null));
        missing.Verdict.ShouldBe(Verdict.NotYet);
        Of(missing, "drawing").ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void A_straight_angle_may_have_its_arc_on_either_side()
    {
        DrawSpecialItem item = Special(SpecialDrawing.Straight, 180, TurnDirection.Anticlockwise);
        foreach (double arc in (double[])[90, 270])
        {
            Mark mark = Marked(item, Drawn(item, 180, arc));
            mark.Verdict.ShouldBe(
                Verdict.Accepted,
                $"{mark.LikelyCause} {mark.Feedback} {mark.Value}"
            );
            Of(mark, "arc").ShouldBe(Verdict.Accepted, $"{arc}");
        }
    }

    [Fact]
    public void A_complement_drawn_for_a_supplement_is_named()
    {
        // Of 50°: 130° is asked for, 40° was drawn.
        DrawSpecialItem item = Special(SpecialDrawing.Supplement, 130, TurnDirection.Clockwise);
        Marked(item, Drawn(item, 40, 20)).LikelyCause.ShouldBe("complement-for-supplement");
        // Of 130° there is no complement: 50° is asked for, 130° is the given angle or the other scale.
        DrawSpecialItem obtuse = Special(SpecialDrawing.Supplement, 50, TurnDirection.Clockwise);
        Marked(obtuse, Drawn(obtuse, 130, 25)).LikelyCause.ShouldBe("other-scale");
    }

    [Fact]
    public void An_empty_sheet_is_unfinished_and_accuses_nobody()
    {
        foreach (SpecialDrawing wanted in Enum.GetValues<SpecialDrawing>())
        {
            double measure = wanted switch
            {
                SpecialDrawing.Straight => 180,
                SpecialDrawing.Right => 90,
                SpecialDrawing.Reflex => 200,
                _ => 70,
            };
            DrawSpecialItem item = Special(wanted, measure, TurnDirection.Anticlockwise);
            Mark mark = Marked(item, new DrawSpecialResponse([], []));
            mark.Verdict.ShouldBe(Verdict.NotYet);
            mark.Value.ShouldBeNull();
            mark.Feedback.Happened.Said().ShouldContain("no second ray");
            (mark.LikelyCause ?? Diagnosis.NotExplained).ShouldBe(Diagnosis.NotExplained);
        }
    }

    [Fact]
    public void Every_special_drawing_is_made_and_says_what_it_wants()
    {
        var seen = new HashSet<SpecialDrawing>();
        for (int seed = 0; seed < 60; seed++)
        {
            var item = (DrawSpecialItem)
                SetGenerator
                    .Generate(new SetSpecification([new KindCount("draw-special", 1)]), seed)
                    .Items[0]
                    .Item;
            seen.Add(item.Wanted);
            double measure = item.Measure.Degrees;
            (measure > 180).ShouldBe(item.Wanted == SpecialDrawing.Reflex);
            string told = item.Wanted switch
            {
                SpecialDrawing.Straight => "straight angle",
                SpecialDrawing.Right => "right angle",
                SpecialDrawing.Reflex => $"{measure}°",
                _ => $"{180 - measure}°",
            };
            Any.Said(item).ShouldContain(told);
        }
        seen.Count.ShouldBe(4);
    }

    private static DrawByEyeItem ByEye(double measure) =>
        new(
            Any.Prompt,
            Desk,
            new Measure(measure),
            new BaseRay(default, new Direction(0), 83),
            TurnDirection.Anticlockwise,
            Names
        );

    private static DrawByEyeResponse Eyed(double drawn, double reading) =>
        new([new Stroke([default, default(Point).Towards(new Direction(drawn), 86)])], [], reading);

    [Theory]
    [InlineData(60, 60, 60, Verdict.Accepted, Verdict.Accepted)]
    [InlineData(60, 71, 71, Verdict.Accepted, Verdict.Accepted)]
    [InlineData(60, 80, 80, Verdict.Near, Verdict.Accepted)]
    [InlineData(60, 95, 95, Verdict.NotYet, Verdict.Accepted)]
    // Sixty was wanted, seventy-one was drawn: sixty is not what the drawing measures.
    [InlineData(60, 71, 60, Verdict.Accepted, Verdict.NotYet)]
    [InlineData(60, 64, 116, Verdict.Accepted, Verdict.NotYet)]
    public void What_is_measured_is_what_was_drawn(
        double asked,
        double drawn,
        double reading,
        Verdict eye,
        Verdict measured
    )
    {
        Mark mark = Marked(ByEye(asked), Eyed(drawn, reading));
        Of(mark, "estimate").ShouldBe(eye);
        Of(mark, "reading").ShouldBe(measured);
    }

    [Fact]
    public void A_drawing_far_off_is_told_with_something_to_do_and_without_its_measure()
    {
        Mark mark = Marked(ByEye(60), Eyed(95, 85));
        mark.Feedback.Happened.Said().ShouldContain("too large");
        mark.Feedback.Next.Said().ShouldNotBeEmpty();
        $"{mark.Feedback.Happened.Said()} {mark.Feedback.Next.Said()}".ShouldNotContain("95");
    }

    [Fact]
    public void The_other_scale_shows_at_a_drawing_of_one_s_own()
    {
        Marked(ByEye(60), Eyed(64, 116)).LikelyCause.ShouldBe("other-scale");
        // Drawn the other way round, it is measured as it stands.
        Of(Marked(ByEye(60), Eyed(-57, 57)), "reading").ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void A_reading_without_a_drawing_is_unfinished()
    {
        Mark mark = Marked(ByEye(60), new DrawByEyeResponse([], [], 60));
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.Feedback.Happened.Said().ShouldContain("no second ray");
    }
}
