using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Instruments with one scale: laid either way they are right, and the bare number of the other way is a mistake.</summary>
public class OnlyScaleTests
{
    // Line up the other arm, or take from 180: section by section the number comes out the same. Common practice, no source.
    [Property(MaxTest = 150)]
    public void On_an_only_scale_both_ways_of_laying_it_are_right_and_its_bare_number_is_named(
        int seed
    )
    {
        var random = new SeededRandom(seed);
        double measure = random.Between(10, 80);
        Protractor instrument = random.Chance(0.5)
            ? InstrumentCatalogue.OneScaleRight
            : InstrumentCatalogue.OneScaleLeft;
        var angle = new Angle(
            default,
            new Direction(random.Below(360)),
            new Measure(measure),
            random.Chance(0.5) ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            90,
            90
        );
        var item = new MeasureItem(Any.Prompt, instrument, angle, new AngleNames("K", "L", "M"));
        ExerciseKind kind = ExerciseKinds.Of(item);
        int counted = 0;
        foreach (Angle lined in (Angle[])[angle, angle.FromOtherArm])
        {
            var placement = Any.Well(lined);
            kind.Mark(item, new MeasureResponse(measure, null, placement), MarkingRules.Usual)
                .Verdict.ShouldBe(Verdict.Accepted);
            Mark wrong = kind.Mark(
                item,
                new MeasureResponse(180 - measure, null, placement),
                MarkingRules.Usual
            );
            counted += wrong.LikelyCause == "only-scale-other-way" ? 1 : 0;
            wrong.LikelyCause.ShouldNotBe("other-scale");
        }
        // On one of the two arms zero lies, and there it cannot have happened.
        counted.ShouldBe(1);
        kind.Mark(item, new MeasureResponse(180 - measure), MarkingRules.Usual)
            .LikelyCause.ShouldBe("only-scale-other-way");
    }

    [Theory]
    [InlineData("one-scale-right", TurnDirection.Clockwise, 123)]
    [InlineData("one-scale-left", TurnDirection.Anticlockwise, 123)]
    [InlineData("full-circle-one-scale", TurnDirection.Clockwise, 303)]
    public void Drawing_with_an_only_scale_counts_to_what_is_left_where_it_counts_the_other_way(
        string instrument,
        TurnDirection opening,
        double dot
    )
    {
        var angle = new Angle(default, default, new Measure(57), opening, 90, 90);
        Protractor protractor = InstrumentCatalogue.Find(instrument)!;
        var task = new DemonstrationTask(
            angle,
            protractor,
            new AngleNames("K", "L", "M"),
            HouseRules.Usual
        );
        Script script = DemonstrationCatalogue.Find("draw")!.Build(task);
        string said = string.Join(' ', script.Steps.Select(s => s.Caption.Said()));
        said.ShouldContain($"= {Numbers.Degrees(dot)} on the scale");
        said.ShouldContain($"dot at {Numbers.Degrees(dot)}");
        said.ShouldContain("Put the protractor on again: 57°");
        DrawnDot made = script.Steps[^1].State.Dots.Single();
        Direction.Between(default, made.At).ShorterTurnTo(angle.End).ShouldBe(0, 1e-9);
    }
}
