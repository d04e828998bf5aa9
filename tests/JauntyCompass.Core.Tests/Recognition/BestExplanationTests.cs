using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Recognition;

/// <summary>Which line is the ray, which point the vertex, where the arc stands: what explains the whole sheet best.</summary>
public class BestExplanationTests
{
    private static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;

    private static Angle Asked(
        double measure,
        TurnDirection opening = TurnDirection.Anticlockwise
    ) => new(new Point(4, -25), new Direction(10), new Measure(measure), opening, 90, 90);

    private static Stroke Line(Point from, Point to, SeededRandom random) =>
        new([
            .. Enumerable
                .Range(0, 30)
                .Select(i => i / 29.0)
                .Select(share => new Point(
                    from.X + share * (to.X - from.X) + random.Normal(0.2),
                    from.Y + share * (to.Y - from.Y) + random.Normal(0.2)
                )),
        ]);

    private static Point On(Angle angle, double share, double distance) =>
        angle.Vertex.Towards(
            angle.Start.Turned(angle.Opening.Sign() * share * angle.Measure.Degrees),
            distance
        );

    private static Mark MarkOf(Angle asked, bool given, DrawResponse response)
    {
        var item = new DrawItem(
            Any.Prompt,
            Desk,
            asked.Measure,
            given ? new BaseRay(asked.Vertex, asked.Start, 90) : null,
            TurnDirection.Anticlockwise,
            new AngleNames("K", "L", "M")
        );
        return ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);
    }

    [Property]
    public void A_ray_in_many_strokes_is_one_ray(ushort number, int seed, bool five)
    {
        Angle asked = Asked(20 + number % 140);
        var random = new SeededRandom(seed);
        int pieces = five ? 5 : 4;
        var strokes = new List<Stroke>();
        for (int i = 0; i < pieces; i++)
        {
            strokes.Add(
                Line(
                    On(asked, 1, 88.0 * i / pieces),
                    On(asked, 1, 88.0 * (i + 1) / pieces + 1),
                    random
                )
            );
        }
        random.Shuffle(strokes);
        Mark mark = MarkOf(
            asked,
            given: true,
            new DrawResponse(strokes, [On(asked, 1, 76)], On(asked, 0.5, 15), Any.Well(asked))
        );
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Causes.ShouldBeEmpty();
    }

    [Property]
    public void Both_arms_of_a_wide_angle_in_one_stroke_are_two(
        ushort number,
        int seed,
        bool given,
        bool back
    )
    {
        Angle asked = Asked(140 + number % 31);
        var random = new SeededRandom(seed);
        IEnumerable<Point> points =
        [
            .. Line(On(asked, 0, 90), asked.Vertex, random).Points,
            .. Line(asked.Vertex, On(asked, 1, 90), random).Points,
        ];
        var stroke = new Stroke([.. back ? points.Reverse() : points]);
        Mark mark = MarkOf(
            asked,
            given,
            new DrawResponse([stroke], [On(asked, 1, 76)], On(asked, 0.5, 15), Any.Well(asked))
        );
        mark.Value!.Value.ShouldBe(asked.Measure.Degrees, 1);
        mark.Verdict.ShouldBe(Verdict.Accepted);
    }

    [Property]
    public void The_ray_through_the_dot_is_meant_though_another_is_longer(
        ushort number,
        int seed,
        bool wrongFirst
    )
    {
        Angle asked = Asked(40 + number % 100);
        var random = new SeededRandom(seed);
        Stroke right = Line(asked.Vertex, On(asked, 1, 80), random);
        Stroke wrong = Line(asked.Vertex, On(asked, 0.7, 110), random);
        Mark mark = MarkOf(
            asked,
            given: true,
            new DrawResponse(
                wrongFirst ? [wrong, right] : [right, wrong],
                [On(asked, 1, 76)],
                On(asked, 0.3, 15),
                Any.Well(asked)
            )
        );
        mark.Value!.Value.ShouldBe(asked.Measure.Degrees, 1);
        mark.Verdict.ShouldBe(Verdict.Accepted);
    }

    // On one's own base ray it may open either way, from whichever side the instrument was laid.
    [Property]
    public void A_right_drawing_the_other_way_round_is_accepted(
        ushort number,
        int seed,
        bool laid,
        bool arm
    )
    {
        Angle drawn = Asked(15 + number % 150, TurnDirection.Clockwise);
        var random = new SeededRandom(seed);
        Stroke baseRay = Line(drawn.Vertex, On(drawn, 0, 90), random);
        Stroke ray = Line(drawn.Vertex, On(drawn, 1, 88), random);
        Mark mark = MarkOf(
            drawn,
            given: false,
            new DrawResponse(
                arm ? [ray, baseRay] : [baseRay, ray],
                [On(drawn, 1, 76)],
                On(drawn, 0.5, 15),
                laid ? Any.Well(drawn) : null
            )
        );
        mark.Value!.Value.ShouldBe(drawn.Measure.Degrees, 1);
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Causes.ShouldBeEmpty();
    }

    [Theory]
    [InlineData(8, 1.1, true)]
    [InlineData(8, -0.1, true)]
    [InlineData(70, 1.05, true)]
    [InlineData(70, 1.4, false)]
    [InlineData(8, 12, false)]
    public void An_arc_within_a_fingertip_of_a_narrow_opening_stands_in_it(
        double measure,
        double share,
        bool stands
    )
    {
        Angle asked = Asked(measure);
        var random = new SeededRandom(3);
        Mark mark = MarkOf(
            asked,
            given: true,
            new DrawResponse(
                [Line(asked.Vertex, On(asked, 1, 88), random)],
                [On(asked, 1, 76)],
                On(asked, share, 15),
                Any.Well(asked)
            )
        );
        mark.Verdict.ShouldBe(stands ? Verdict.Accepted : Verdict.NotYet);
        mark.LikelyCause.ShouldBe(stands ? null : "arc-in-other-opening");
    }

    [Fact]
    public void A_segment_from_a_picture_is_a_line_and_a_drawn_arc_tells_its_circle()
    {
        Angle asked = Asked(60);
        Point[] arc = [.. Enumerable.Range(0, 15).Select(i => On(asked, i / 14.0, 18))];
        var marks = PencilMarks.Of(
            [
                [asked.Vertex, On(asked, 1, 80)],
                arc,
            ],
            [],
            arc: null
        );
        marks.Lines.ShouldHaveSingleItem().Length.ShouldBe(80, 1e-6);
        PencilArc found = marks.Arcs.ShouldHaveSingleItem();
        found.Centre.DistanceTo(asked.Vertex).ShouldBeLessThan(0.01);
        found.Radius.ShouldBe(18, 0.01);
        found.Off.ShouldBeLessThan(0.01);
        marks.ArcAt(asked.Vertex).ShouldBe(found.Middle);
    }
}
