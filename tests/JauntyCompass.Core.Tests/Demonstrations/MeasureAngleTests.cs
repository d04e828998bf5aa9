using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

public class MeasureAngleTests
{
    private static readonly AngleNames Names = new("K", "L", "M");

    private static Script Build(Angle angle, HouseRules? rules = null, Protractor? with = null) =>
        DemonstrationCatalogue.Measure.Build(
            new DemonstrationTask(
                angle,
                with ?? InstrumentCatalogue.DeskHalfCircle,
                Names,
                rules ?? HouseRules.Usual
            )
        );

    private static SheetState At(Script script, string key) =>
        script.Steps.Single(s => s.Key == key).State;

    private static Angle AngleOf(
        double measure,
        TurnDirection opening = TurnDirection.Anticlockwise,
        double start = 0,
        double length = 90
    ) => new(default, new Direction(start), new Measure(measure), opening, length, length);

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Every_script_counts_to_the_measure_on_the_scale_that_starts_at_the_arm(
        Angle angle,
        bool page
    )
    {
        Script script = Build(angle, new HouseRules(page ? Turning.Page : Turning.Instrument));
        SheetState count = At(script, "count");
        CountingThread thread = count.Threads[0].Count;
        Angle lying = count.Figures[0].Angle;
        Math.Abs(thread.Sweep).ShouldBe(angle.Measure.Degrees, 1e-6);
        thread.From.ShorterTurnTo(lying.Start).ShouldBe(0, 1e-6);
        thread.From.Turned(thread.Sweep).ShorterTurnTo(lying.End).ShouldBe(0, 1e-6);
        script
            .Instruments[0]
            .IndexOf(thread.ScaleId)
            .ShouldBe(count.Instruments[0].InkedScale!.Value);
        lying.Measure.ShouldBe(angle.Measure);
        thread
            .Stops[^1]
            .Reading.ShouldBeInRange(angle.Measure.Degrees - 1, angle.Measure.Degrees + 0.05);
    }

    [Fact]
    public void The_steps_come_in_the_order_of_the_trade() =>
        Build(AngleOf(64, length: 40))
            .Steps.Select(s => s.Key)
            .ShouldBe([
                "kind",
                "turn",
                "centre",
                "zero-line",
                "extend",
                "scale",
                "count",
                "write",
                "check",
            ]);

    [Fact]
    public void An_arm_is_extended_only_when_it_is_short_and_then_past_the_rim()
    {
        Build(AngleOf(64)).Steps.ShouldNotContain(s => s.Key == "extend");
        Step extend = Build(AngleOf(64, length: 50)).Steps.Single(s => s.Key == "extend");
        extend.Caption.Said().ShouldContain("25 mm short");
        extend.State.Figures[0].EndExtendedTo!.Value.ShouldBeGreaterThan(75);
    }

    [Theory]
    [InlineData(0, TurnDirection.Anticlockwise, "inner")]
    [InlineData(180, TurnDirection.Clockwise, "outer")]
    [InlineData(137, TurnDirection.Anticlockwise, "inner")]
    public void The_scale_question_has_the_right_answer(
        double start,
        TurnDirection opening,
        string scale
    )
    {
        Step step = Build(AngleOf(64, opening, start)).Steps.Single(s => s.Key == "scale");
        step.Question!.Choices[step.Question.Answer].Said().ShouldBe(scale);
        step.Caption.Said().ShouldContain(scale);
    }

    [Fact]
    public void Turning_the_page_brings_the_start_arm_level_and_keeps_the_angle()
    {
        Script script = Build(AngleOf(64, start: 37), new HouseRules(Turning.Page));
        script.Steps[0].State.Figures[0].Angle.Start.Degrees.ShouldBe(37);
        script.Steps[1].State.Figures[0].Angle.Start.Degrees.ShouldBe(0, 1e-9);
        script.Steps[3].State.Instruments[0].Placement.Turn.Degrees.ShouldBe(0, 1e-9);
    }

    [Fact]
    public void A_reflex_angle_is_measured_by_way_of_the_smaller_one()
    {
        Script script = Build(AngleOf(290), new HouseRules(Reflex: ReflexMethod.From360));
        script.Answer.ShouldBe(290);
        Math.Abs(At(script, "count").Threads[0].Count.Sweep).ShouldBe(70, 1e-9);
        script
            .Steps.Single(s => s.Key == "take-from-360")
            .Caption.Said()
            .ShouldContain("360° − 70° = 290°");
    }

    [Theory]
    [InlineData(64, "ten, twenty … sixty, and four more")]
    [InlineData(128, "ten, twenty … a hundred and twenty, five, and three more")]
    [InlineData(45.5, "right between two marks")]
    [InlineData(7, "zero, five, and two more")]
    public void The_count_is_said_as_a_teacher_says_it(double measure, string said) =>
        Build(AngleOf(measure))
            .Steps.Single(s => s.Key == "count")
            .Caption.Said()
            .ShouldContain(said);

    [Theory]
    [InlineData(215, "add-to-180", "180° + 35° = 215°")]
    [InlineData(290, "take-from-360", "360° − 70° = 290°")]
    public void The_handier_way_is_chosen_and_said(double measure, string key, string said)
    {
        Script script = Build(AngleOf(measure));
        script.Steps.ShouldContain(s => s.Key == "way");
        script.Steps.Single(s => s.Key == key).Caption.Said().ShouldContain(said);
    }

    [Fact]
    public void Kind_and_estimate_and_order_follow_the_house_rules()
    {
        Script script = Build(
            AngleOf(64),
            new HouseRules(
                Kind: KindSaid.AfterLaying,
                EstimateFirst: true,
                Order: LayingOrder.ZeroLineFirst
            )
        );
        script
            .Steps.Select(s => s.Key)
            .ShouldBe([
                "estimate",
                "turn",
                "zero-line",
                "centre",
                "kind",
                "scale",
                "count",
                "write",
                "check",
            ]);
        script.Steps[^1].Caption.Said().ShouldContain("Our estimate was about 65°");
    }

    [Theory]
    [InlineData(ScaleRule.OpeningSide, "KL points to the right, so we follow the inner numbers")]
    [InlineData(ScaleRule.SizeFirst, "acute, so it must be the smaller of the two numbers")]
    [InlineData(
        ScaleRule.TurningDirection,
        "turns anticlockwise, and the inner numbers grow that way"
    )]
    public void The_scale_is_chosen_by_the_rule_of_the_class(ScaleRule rule, string said) =>
        Build(AngleOf(64), new HouseRules(Scale: rule))
            .Steps.Single(s => s.Key == "scale")
            .Caption.Said()
            .ShouldContain(said);

    [Theory]
    [InlineData(ScaleRule.OpeningSide, 64, "numbered the other way round")]
    [InlineData(ScaleRule.SizeFirst, 86, "This close to a right angle")]
    public void A_rule_that_cannot_serve_is_warned_of_and_zero_is_followed(
        ScaleRule rule,
        double measure,
        string warning
    )
    {
        Script script = Build(
            AngleOf(measure),
            new HouseRules(Scale: rule),
            InstrumentCatalogue.ReversedHalfCircle
        );
        script.Warnings.ShouldHaveSingleItem().Said().ShouldContain(warning);
        script.Steps.Single(s => s.Key == "scale").Caption.Said().ShouldContain("The zero on KL");
    }

    [Fact]
    public void A_rule_that_holds_upright_only_is_warned_of_when_the_instrument_lies_upside_down()
    {
        var rules = new HouseRules(Scale: ScaleRule.OpeningSide);
        Build(AngleOf(64), rules).Warnings.ShouldBeEmpty();
        Script below = Build(AngleOf(64, start: 180), rules);
        below.Warnings.ShouldHaveSingleItem().Said().ShouldContain("upside down");
        below.Steps.Single(s => s.Key == "scale").Caption.Said().ShouldContain("The zero on KL");
    }

    [Fact]
    public void An_instrument_with_one_scale_is_lined_up_with_the_other_arm()
    {
        Script script = Build(
            AngleOf(64, TurnDirection.Clockwise, 180),
            with: InstrumentCatalogue.OneScaleRight
        );
        script.Steps.Single(s => s.Key == "zero-line").Caption.Said().ShouldContain("covers KM");
        Math.Abs(At(script, "count").Threads[0].Count.Sweep).ShouldBe(64, 1e-9);
    }
}
