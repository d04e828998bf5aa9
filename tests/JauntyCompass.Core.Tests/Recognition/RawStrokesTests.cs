using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Recognition;

/// <summary>Drawings as hands make them: in several strokes, from the far end, in any order, with a tremble.</summary>
public class RawStrokesTests
{
    private static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;

    private static DrawItem Item(Angle asked, bool given = true) =>
        new(
            Any.Prompt,
            Desk,
            asked.Measure,
            given ? new BaseRay(asked.Vertex, asked.Start, 90) : null,
            asked.Opening,
            new AngleNames("K", "L", "M")
        );

    private static Angle Asked(double measure, double start = 0) =>
        new(
            new Point(-4, -30),
            new Direction(start),
            new Measure(measure),
            TurnDirection.Anticlockwise,
            90,
            90
        );

    private static Stroke Line(Point from, Point to, SeededRandom? shake = null, int points = 40) =>
        new([
            .. Enumerable
                .Range(0, points)
                .Select(i => (double)i / (points - 1))
                .Select(share => new Point(
                    from.X + share * (to.X - from.X) + (shake?.Normal(0.4) ?? 0),
                    from.Y + share * (to.Y - from.Y) + (shake?.Normal(0.4) ?? 0)
                )),
        ]);

    private static Point On(Angle angle, Direction arm, double distance) =>
        angle.Vertex.Towards(arm, distance);

    private static DrawResponse Drawn(Angle asked, params Stroke[] strokes) =>
        new(strokes, [On(asked, asked.End, 76)], On(asked, asked.Bisector, 15), Any.Well(asked));

    private static Mark MarkOf(DrawItem item, DrawResponse response) =>
        ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);

    private static double Whole(ushort number, int least, int most) =>
        least + number % (most - least + 1);

    [Property]
    public void However_the_ray_was_put_on_paper_the_drawing_is_what_it_is(
        ushort measure,
        ushort start,
        int seed
    )
    {
        Angle asked = Asked(Whole(measure, 8, 172), start % 360);
        var random = new SeededRandom(seed);
        Point far = On(asked, asked.End, 88);
        Point middle = On(asked, asked.End, 30 + 20 * random.Share());
        Point again = On(asked, asked.End, 28);
        Stroke[][] ways =
        [
            [Line(asked.Vertex, far, random)],
            [Line(far, asked.Vertex, random)],
            [Line(asked.Vertex, middle, random), Line(middle, far, random)],
            [Line(far, again, random), Line(middle, asked.Vertex, random)],
            // The base ray gone over again, too, and longer than the second ray.
            [Line(asked.Vertex, far, random), Line(asked.Vertex, On(asked, asked.Start, 95))],
        ];
        foreach (Stroke[] strokes in ways)
        {
            Mark mark = MarkOf(Item(asked), Drawn(asked, strokes));
            mark.Value!.Value.ShouldBe(asked.Measure.Degrees, 0.8);
            mark.Verdict.ShouldBe(Verdict.Accepted);
        }
    }

    [Property]
    public void Without_a_given_base_ray_it_is_found_whichever_arm_comes_first(
        ushort measure,
        ushort start,
        int seed,
        bool armFirst,
        bool laid
    )
    {
        Angle asked = Asked(Whole(measure, 10, 170), start % 360);
        var random = new SeededRandom(seed);
        Stroke baseRay = Line(asked.Vertex, On(asked, asked.Start, 92), random);
        Stroke arm = Line(On(asked, asked.End, 88), asked.Vertex, random);
        DrawResponse response = Drawn(asked, armFirst ? [arm, baseRay] : [baseRay, arm]);
        Mark mark = MarkOf(
            Item(asked, given: false),
            laid ? response : response with { Placement = null }
        );
        mark.Value!.Value.ShouldBe(asked.Measure.Degrees, 1);
        mark.Verdict.ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void Both_arms_without_lifting_the_pencil_are_two_arms()
    {
        Angle asked = Asked(64);
        Stroke first = Line(On(asked, asked.Start, 90), asked.Vertex);
        Stroke second = Line(asked.Vertex, On(asked, asked.End, 90));
        DrawResponse response = Drawn(asked, new Stroke([.. first.Points, .. second.Points]));
        Mark mark = MarkOf(Item(asked, given: false), response);
        mark.Value!.Value.ShouldBe(64, 0.5);
        mark.Verdict.ShouldBe(Verdict.Accepted);
    }

    [Fact]
    public void One_line_is_no_angle()
    {
        Angle asked = Asked(64);
        Mark mark = MarkOf(
            Item(asked, given: false),
            Drawn(asked, Line(asked.Vertex, On(asked, asked.Start, 90)))
        );
        mark.Verdict.ShouldBe(Verdict.NotYet);
        mark.Feedback.Happened.Said().ShouldContain("not two rays");
    }

    [Theory]
    [InlineData(2, null)]
    [InlineData(12, "ran-on-behind-vertex")]
    public void A_ray_that_runs_on_behind_the_vertex_is_told(double behind, string? cause)
    {
        Angle asked = Asked(52);
        Mark mark = MarkOf(
            Item(asked),
            Drawn(asked, Line(On(asked, asked.End.Opposite, behind), On(asked, asked.End, 88)))
        );
        mark.Value!.Value.ShouldBe(52, 1e-6);
        mark.LikelyCause.ShouldBe(cause);
        mark.Verdict.ShouldBe(cause is null ? Verdict.Accepted : Verdict.Near);
    }

    [Theory]
    [InlineData(0.6, null)]
    [InlineData(3.4, "thick-dot")]
    [InlineData(5, "thick-dot")]
    public void A_dot_made_as_a_stroke_is_a_dot_and_a_dragged_one_is_told(
        double width,
        string? cause
    )
    {
        Angle asked = Asked(117);
        Point at = On(asked, asked.End, 76);
        Mark mark = MarkOf(
            Item(asked),
            Drawn(
                asked,
                Line(asked.Vertex, On(asked, asked.End, 88)),
                Line(at.Towards(asked.End, -width / 2), at.Towards(asked.End, width / 2), points: 5)
            ) with
            {
                Dots = [],
            }
        );
        mark.LikelyCause.ShouldBe(cause);
        mark.Parts!.Ruling.ShouldBe(0, 0.1);
    }

    [Fact]
    public void An_arc_drawn_as_a_stroke_is_the_arc()
    {
        Angle asked = Asked(75);
        var arc = new Stroke([
            .. Enumerable
                .Range(0, 15)
                .Select(i => On(asked, asked.Start.Turned(75.0 * i / 14), 15)),
        ]);
        Stroke ray = Line(asked.Vertex, On(asked, asked.End, 88));
        DrawResponse drawn = Drawn(asked, arc, ray) with { Arc = null };
        MarkOf(Item(asked), drawn).Verdict.ShouldBe(Verdict.Accepted);
        MarkOf(Item(asked), drawn with { Strokes = [ray] }).LikelyCause.ShouldBe("arc-missing");
    }

    [Fact]
    public void A_line_without_a_straightedge_is_told()
    {
        Angle asked = Asked(64);
        Point[] wavy =
        [
            .. Enumerable
                .Range(0, 40)
                .Select(i =>
                    On(asked, asked.End, 88.0 * i / 39)
                        .Towards(asked.End.Turned(90), 2.4 * Math.Sin(i * Math.PI * 6 / 39))
                ),
        ];
        Mark mark = MarkOf(Item(asked), Drawn(asked, new Stroke(wavy)));
        mark.LikelyCause.ShouldBe("freehand-line");
        mark.Verdict.ShouldBe(Verdict.Near);
    }

    // Swaying to one side the line as a whole passes beside the vertex, at which the pencil was set down all the same.
    [Property]
    public void A_freehand_line_that_begins_at_the_vertex_leaves_no_gap(ushort measure, bool left)
    {
        Angle asked = Asked(Whole(measure, 8, 172));
        Direction aside = asked.End.Turned(left ? 90 : -90);
        var swaying = new Stroke([
            .. Enumerable
                .Range(0, 41)
                .Select(i =>
                    On(asked, asked.End, 88 * i / 40.0)
                        .Towards(aside, 3.5 * Math.Sin(Math.PI * i / 40))
                ),
        ]);
        Mark mark = MarkOf(Item(asked), Drawn(asked, swaying));
        mark.Causes.ShouldNotContain(c => c.Mistake == "gap-at-vertex");
        mark.Causes.ShouldContain(c => c.Mistake == "freehand-line");
    }

    [Fact]
    public void Drawn_by_eye_is_told_only_where_the_protractor_was_never_laid_on()
    {
        Angle asked = Asked(62);
        Angle eyed = Asked(56);
        DrawResponse byEye = Drawn(eyed, Line(asked.Vertex, On(eyed, eyed.End, 88))) with
        {
            Dots = [],
            Placement = null,
            NeverLaid = true,
        };
        MarkOf(Item(asked), byEye).LikelyCause.ShouldBe("drew-by-eye");
        MarkOf(Item(asked), byEye with { Placement = Any.Well(asked) })
            .LikelyCause.ShouldNotBe("drew-by-eye");
        // Where nobody saw whether it was laid on, nobody is told that it was not.
        MarkOf(Item(asked), byEye with { NeverLaid = false })
            .Causes.ShouldNotContain(c => c.Mistake == "drew-by-eye");
        // A sure sign of something else is not put down to the eye.
        Angle other = Asked(118);
        MarkOf(
            Item(asked),
            Drawn(other, Line(asked.Vertex, On(other, other.End, 88))) with
            {
                Placement = null,
            }
        )
            .LikelyCause.ShouldBe("other-scale");
    }

    [Fact]
    public void A_hook_where_the_pencil_was_lifted_does_not_turn_the_line()
    {
        Angle asked = Asked(40);
        Stroke line = Line(asked.Vertex, On(asked, asked.End, 85));
        Point tip = line.Points[^1];
        Point[] hook =
        [
            .. Enumerable.Range(1, 4).Select(i => tip.Towards(asked.End.Turned(80), 0.9 * i)),
        ];
        Mark mark = MarkOf(Item(asked), Drawn(asked, new Stroke([.. line.Points, .. hook])));
        mark.Value!.Value.ShouldBe(40, 0.25);
    }
}
