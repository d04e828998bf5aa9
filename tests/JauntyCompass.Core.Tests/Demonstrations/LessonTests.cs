using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>What each demonstration teaches, in its own steps and words.</summary>
public class LessonTests
{
    private static readonly AngleNames Names = new("K", "L", "M");

    private static Script Play(
        string key,
        double? measure = null,
        HouseRules? rules = null,
        Protractor? with = null,
        TurnDirection opening = TurnDirection.Anticlockwise,
        bool given = true
    )
    {
        Demonstration demonstration = DemonstrationCatalogue.Find(key)!;
        var angle = new Angle(
            default,
            new Direction(opening == TurnDirection.Anticlockwise ? 0 : 180),
            new Measure(measure ?? demonstration.Facts.UsualMeasure),
            opening,
            90,
            demonstration.Facts.UsualEndLength
        );
        return demonstration.Build(
            new DemonstrationTask(
                angle,
                with ?? demonstration.Facts.UsualInstrument,
                Names,
                rules ?? HouseRules.Usual,
                BaseRayGiven: given
            )
        );
    }

    private static string Said(Script script) =>
        string.Join(' ', script.Steps.Select(s => $"{s.Question?.Text.Said()} {s.Caption.Said()}"));

    private static Step At(Script script, string key) => script.Steps.Single(s => s.Key == key);

    // Kinds by measure: Common Core State Standards 4.G.A.1; England's national curriculum, Years 5 and 6.
    [Fact]
    public void Kinds_open_from_zero_to_a_full_turn()
    {
        Script script = Play("kinds");
        script
            .Steps.Select(s => s.Key)
            .ShouldBe(["zero", "acute", "right", "obtuse", "straight", "reflex", "full-turn"]);
        script
            .Steps.Select(s => s.State.Figures[0].Angle.Measure.Degrees)
            .ShouldBe(script.Steps.Select(s => s.State.Figures[0].Angle.Measure.Degrees).Order());
        At(script, "right").State.Figures[0].Mark.ShouldBe(OpeningMark.Box);
    }

    [Fact]
    public void Names_that_are_not_allowed_are_crossed_out_with_the_reason()
    {
        Script script = Play("naming");
        IReadOnlyList<Written> notes = script.Steps[^1].State.Notes;
        notes
            .Where(n => n.Crossed)
            .Select(n => n.Text.Said())
            .ShouldBe(["∠LK", "∠KLM", "∠K"], ignoreOrder: true);
        notes.Where(n => !n.Crossed).ShouldHaveSingleItem().Text.Said().ShouldBe("∠LKM = ∠MKL");
        // One letter was good while one angle stood there, and is not once a third ray is drawn.
        At(script, "one-letter")
            .State.Notes.Single(n => n.Text.Said() == "∠K")
            .Crossed.ShouldBeFalse();
        At(script, "several").State.Figures.Count.ShouldBe(2);
    }

    [Fact]
    public void Longer_arms_do_not_change_the_angle()
    {
        Step longer = At(Play("parts"), "longer");
        longer.Question!.Choices[longer.Question.Answer].Said().ShouldBe("no");
        longer.State.Figures[0].StartExtendedTo!.Value.ShouldBeGreaterThan(90);
    }

    [Theory]
    [InlineData(88, "not a right angle, only nearly")]
    [InlineData(90, "it is a right angle")]
    public void Looking_right_is_not_enough(double measure, string verdict)
    {
        Script script = Play("right-angle-box", measure);
        At(script, "no-box").State.Figures[0].Mark.ShouldNotBe(OpeningMark.Box);
        At(script, "verdict").Caption.Said().ShouldContain(verdict);
    }

    [Fact]
    public void From_both_arms_the_two_scales_say_the_same()
    {
        Script script = Play("both-arms", 127);
        CountedThread[] counts =
        [
            .. script.Steps.SelectMany(s => s.State.Threads).DistinctBy(t => t.Count.ScaleId),
        ];
        counts.Length.ShouldBe(2);
        counts.ShouldAllBe(t => Math.Abs(Math.Abs(t.Count.Sweep) - 127) < 1e-9);
        At(script, "same").Caption.Said().ShouldContain("127° again");
    }

    [Fact]
    public void Tracing_leaves_the_book_clean_until_the_paper_is_lifted_over_it()
    {
        Script script = Play("trace");
        Step drawn = At(script, "draw-on");
        drawn.State.Tracing!.Angle.EndLength.ShouldBeGreaterThan(75);
        drawn.State.Figures[0].Angle.EndLength.ShouldBe(38);
    }

    [Theory]
    [InlineData(78, "80 less 2 is 78")]
    [InlineData(64, null)]
    public void A_graduation_just_short_of_a_label_is_counted_back_from_it(
        double measure,
        string? back
    )
    {
        Script script = Play("in-between", measure);
        script.Steps.Any(s => s.Key == "back").ShouldBe(back is not null);
        if (back is not null)
        {
            At(script, "back").Caption.Said().ShouldContain(back);
        }
    }

    [Theory]
    [InlineData(70, "95° − 25° = 70°")]
    [InlineData(150, "165° − 15° = 150°")]
    public void Not_from_zero_the_start_is_subtracted(double measure, string sum)
    {
        Script script = Play("not-from-zero", measure);
        Step subtract = At(script, "subtract");
        subtract.Caption.Said().ShouldContain(sum);
        subtract.Question!.Choices[subtract.Question.Answer].Said().ShouldBe($"{measure}°");
    }

    [Fact]
    public void A_full_circle_says_the_rest_of_the_turn_from_the_other_arm()
    {
        Script script = Play("full-circle-turn", 235);
        At(script, "count").State.Threads[0].Count.Sweep.ShouldBe(235, 1e-9);
        At(script, "other-arm").Caption.Said().ShouldContain("235° + 125° = 360°");
        At(script, "other-arm").State.Threads[0].Wrong.ShouldBeTrue();
    }

    [Fact]
    public void By_touch_the_arm_is_turned_onto_the_angle_and_marks_are_counted()
    {
        Script script = Play("by-touch", 65);
        At(script, "arm").State.Instruments[0].ArmBearing!.Value.ShouldBe(65, 1e-9);
        At(script, "count").Caption.Said().ShouldContain("raised marks from the right");
    }

    [Fact]
    public void A_drawing_goes_step_by_step_and_is_measured_again()
    {
        Script script = Play("draw", 128, given: false);
        script
            .Steps.Select(s => s.Key)
            .ShouldBe([
                "base-ray",
                "picture",
                "centre",
                "zero-line",
                "scale",
                "count",
                "dot",
                "straightedge",
                "second-ray",
                "label",
                "re-measure",
            ]);
        At(script, "straightedge").State.Instruments.ShouldBeEmpty();
        At(script, "straightedge").State.Figures[0].HasEnd.ShouldBeFalse();
        Step ray = At(script, "second-ray");
        ray.State.Figures[0].HasEnd.ShouldBeTrue();
        // The dot lies on the ray that is drawn through it.
        Direction.Between(default, ray.State.Dots[0].At).Degrees.ShouldBe(128, 1e-9);
    }

    [Fact]
    public void A_drawing_follows_the_house_rules_for_dots_and_labels()
    {
        Script script = Play(
            "draw",
            52,
            new HouseRules(Dots: Dots.Two, Labelling: Labelling.Full),
            opening: TurnDirection.Clockwise
        );
        At(script, "dot").State.Dots.Count.ShouldBe(2);
        At(script, "label")
            .Caption.Said()
            .ShouldContain("∠LKM = 52°, acute; vertex K, arms KL and KM");
        At(script, "scale").Caption.Said().ShouldContain("outer numbers");
    }

    // Euclid, Elements I.13: the two angles that a ray makes with a line are together two right angles.
    [Fact]
    public void The_supplement_comes_from_the_same_set_up()
    {
        IReadOnlyList<Figure> both = At(Play("draw-supplement", 52), "supplement").State.Figures;
        both.Sum(f => f.Angle.Measure.Degrees).ShouldBe(180);
        both[0].Angle.End.ShorterTurnTo(both[1].Angle.End).ShouldBe(0, 1e-9);
    }

    [Fact]
    public void A_turning_ruler_with_one_scale_is_set_to_the_supplement_for_the_other_side()
    {
        Said(Play("turning-ruler", 64)).ShouldContain("Turn the ruler to 64°");
        Said(Play("turning-ruler", 64, opening: TurnDirection.Clockwise))
            .ShouldContain("180° − 64° = 116°");
        Step slid = At(Play("turning-ruler", 64), "slide");
        DrawnLine again = slid.State.Lines.Single(l => l.Id == "again");
        // Parallel to the first: the same direction, from a point further along the base ray.
        Direction.Between(again.From, again.To).Degrees.ShouldBe(64, 1e-9);
    }

    [Fact]
    public void Drawn_by_touch_the_instrument_is_turned_over_and_the_kind_decides_the_side()
    {
        Script script = Play("draw-by-touch", 65);
        At(script, "turn-over").State.Instruments[0].Placement.TurnedOver.ShouldBeTrue();
        DrawnLine ray = At(script, "draw").State.Lines.Single(l => l.Id == "ray");
        Angle marked = At(script, "which-side").State.Figures[0].Angle;
        marked.Measure.Degrees.ShouldBe(65);
        marked.End.ShorterTurnTo(Direction.Between(ray.From, ray.To)).ShouldBe(0, 1e-9);
    }

    [Theory]
    [InlineData("reflex-from-360", 290, "360° − 70° = 290°")]
    [InlineData("reflex-add-to-180", 215, "180° + 35° = 215°")]
    [InlineData("reflex-full-circle", 247, "∠LKM = 247°")]
    public void A_reflex_angle_is_measured_by_each_method(
        string key,
        double measure,
        string said
    ) => Said(Play(key, measure)).ShouldContain(said);

    [Theory]
    [InlineData("draw-reflex-from-360", 290)]
    [InlineData("draw-reflex-add-to-180", 215)]
    [InlineData("draw-reflex-full-circle", 247)]
    public void A_reflex_angle_is_drawn_with_the_arc_on_the_outside(string key, double measure)
    {
        Script script = Play(key, measure);
        Figure drawn = script.Steps[^1].State.Figures[0];
        drawn.Angle.Measure.Degrees.ShouldBe(measure);
        drawn.Mark.ShouldBe(OpeningMark.Arc);
        Direction
            .Between(default, script.Steps[^1].State.Dots[0].At)
            .ShorterTurnTo(drawn.Angle.End)
            .ShouldBe(0, 1e-9);
        Said(script).ShouldContain("arc on the outside");
    }

    [Fact]
    public void Two_ways_side_by_side_arrive_at_the_same()
    {
        Script script = Play("reflex-two-ways", 236);
        IReadOnlyList<Figure> both = script.Steps[^1].State.Figures;
        both.Select(f => f.Written.Said()).ShouldBe(["236°", "236°"]);
        both[0].Angle.Vertex.X.ShouldBeLessThan(both[1].Angle.Vertex.X);
    }
}
