using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

public class MeasureAngleTests
{
    private static readonly AngleNames Names = new("K", "L", "M");

    private static Script Build(Angle angle, Turning turning = Turning.Instrument) =>
        MeasureAngle.Build(
            angle,
            InstrumentCatalogue.DeskHalfCircle,
            Names,
            new HouseRules(turning)
        );

    private static Angle AngleOf(
        double measure,
        Opening opening = Opening.Anticlockwise,
        double start = 0,
        double length = 90
    ) => new(default, new Direction(start), new Measure(measure), opening, length, length);

    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Every_script_counts_to_the_measure_on_the_scale_that_starts_at_the_arm(
        Angle angle,
        bool page
    )
    {
        Script script = Build(angle, page ? Turning.Page : Turning.Instrument);
        SheetState count = script.Steps.Single(s => s.Key == "count").State;
        CountingThread thread = count.Thread!;
        Math.Abs(thread.Sweep).ShouldBe(angle.Measure.Degrees, 1e-6);
        thread.From.ShorterTurnTo(count.Angle.Start).ShouldBe(0, 1e-6);
        thread.From.Turned(thread.Sweep).ShorterTurnTo(count.Angle.End).ShouldBe(0, 1e-6);
        thread.ScaleId.ShouldBe(count.InkedScale);
        count.Angle.Measure.ShouldBe(angle.Measure);
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
        extend.Caption.ShouldContain("25 mm short");
        extend.State.EndExtendedTo!.Value.ShouldBeGreaterThan(75);
    }

    [Theory]
    [InlineData(0, Opening.Anticlockwise, "inner")]
    [InlineData(180, Opening.Clockwise, "outer")]
    [InlineData(137, Opening.Anticlockwise, "inner")]
    public void The_scale_question_has_the_right_answer(double start, Opening opening, string scale)
    {
        Step step = Build(AngleOf(64, opening, start)).Steps.Single(s => s.Key == "scale");
        step.Question!.Choices[step.Question.Answer].ShouldBe(scale);
        step.Caption.ShouldContain(scale);
    }

    [Fact]
    public void Turning_the_page_brings_the_start_arm_level_and_keeps_the_angle()
    {
        Script script = Build(AngleOf(64, start: 37), Turning.Page);
        script.Steps[0].State.Angle.Start.Degrees.ShouldBe(37);
        script.Steps[1].State.Angle.Start.Degrees.ShouldBe(0, 1e-9);
        script.Steps[3].State.Placement!.Value.Turn.Degrees.ShouldBe(0, 1e-9);
    }

    [Fact]
    public void A_reflex_angle_is_measured_by_way_of_the_smaller_one()
    {
        Script script = Build(AngleOf(290));
        script.Answer.ShouldBe(290);
        Math.Abs(script.Steps.Single(s => s.Key == "count").State.Thread!.Sweep).ShouldBe(70, 1e-9);
        script
            .Steps.Single(s => s.Key == "take-from-360")
            .Caption.ShouldContain("360° − 70° = 290°");
    }

    [Theory]
    [InlineData(64, "ten, twenty … sixty, and four more")]
    [InlineData(128, "ten, twenty … a hundred and twenty, five, and three more")]
    [InlineData(45.5, "between two graduations")]
    [InlineData(7, "zero, five, and two more")]
    public void The_count_is_said_as_a_teacher_says_it(double measure, string said) =>
        Build(AngleOf(measure)).Steps.Single(s => s.Key == "count").Caption.ShouldContain(said);

    [Theory]
    [InlineData(0)]
    [InlineData(360)]
    public void There_is_nothing_to_lay_on_a_zero_angle_or_a_full_turn(double measure) =>
        Should.Throw<ArgumentOutOfRangeException>(() => Build(AngleOf(measure)));
}
