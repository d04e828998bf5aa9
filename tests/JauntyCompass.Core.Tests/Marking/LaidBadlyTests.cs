using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Core.Tests.Exercises;
using JauntyCompass.Core.Wording;
using Shouldly;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>Drawings with the instrument laid badly: moved before the dot, or its zero line off the base ray.</summary>
public class LaidBadlyTests
{
    // The protractor lay well, and was nudged before the dot: a hand's width of wood is as still as the fingers on it.
    [Property(MaxTest = 100)]
    public void A_protractor_that_moved_before_the_dot_is_told_from_one_never_lined_up(int seed)
    {
        var random = new SeededRandom(seed);
        var asked = new Angle(
            default,
            new Direction(random.Below(360)),
            new Measure(random.Between(30, 150)),
            random.Chance(0.5) ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            84,
            84
        );
        var item = new DrawItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            asked.Measure,
            new BaseRay(default, asked.Start, 84),
            asked.Opening,
            new AngleNames("K", "L", "M")
        );
        ExerciseKind kind = ExerciseKinds.Of(item);
        var student = new SimulatedStudent("Bo", [Habit.Of<MovedBeforeDot>(1)], Hand.Perfect);
        var response = (DrawResponse)kind.Attempt(item, student, random);
        string[] Causes(IReadOnlyList<Placement>? rested) =>
            [
                .. kind.Mark(item, response with { Rested = rested }, MarkingRules.Usual)
                    .Causes.Select(c => c.Mistake),
            ];
        // Nearly ten degrees off it may as well be the next ten, so that it is likely and not certain.
        Causes(response.Rested).ShouldContain("moved-before-dot");
        Causes(response.Rested).ShouldNotContain("zero-line-off");
        Causes(null).ShouldContain("zero-line-off");
        Causes(null).ShouldNotContain("moved-before-dot");
        Causes([response.Placement!.Value]).ShouldBe(Causes(null));
        // Nudged and put back: all is well.
        Placement well = response.Rested![0];
        var put = (DrawResponse)
            kind.Attempt(item, new SimulatedStudent("Bo", [], Hand.Perfect), random);
        kind.Mark(item, put with { Rested = [response.Placement!.Value, well] }, MarkingRules.Usual)
            .Verdict.ShouldBe(Verdict.Accepted);
    }

    // Near the straight line the asked ray may run beside the graduations of an instrument that is turned; it is drawn all the same.
    [Property(MaxTest = 200)]
    public void A_zero_line_off_the_ray_is_named_also_near_the_straight_line(int seed)
    {
        var random = new SeededRandom(seed);
        double measure = random.Between(160, 178);
        TurnDirection opening = random.Chance(0.5)
            ? TurnDirection.Anticlockwise
            : TurnDirection.Clockwise;
        // Short of the straight line: across it, it would open to the other side. As seen from the base ray.
        double less = random.Between(4, 9);
        double off = -less * opening.Sign();
        var start = new Direction(random.Below(360));
        var item = new DrawItem(
            Any.Prompt,
            InstrumentCatalogue.DeskHalfCircle,
            new Measure(measure),
            new BaseRay(default, start, 84),
            opening,
            KindTrial.Names
        );
        Angle asked = new(default, start, item.Measure, opening, 84, 84);
        Placement well = Any.Well(asked);
        // The dot stands at the measure of the scale in use, which is turned with the instrument.
        Direction drawn = asked.End.Turned(off);
        var response = new DrawResponse(
            [new Stroke([default, default(Point).Towards(drawn, 88)])],
            [default(Point).Towards(drawn, 76)],
            default(Point).Towards(asked.Bisector, 14),
            well with
            {
                Turn = well.Turn.Turned(off),
            }
        );
        Mark mark = KindTrial.Marked(item, response);
        mark.Verdict.ShouldNotBe(Verdict.Accepted);
        mark.LikelyCause.ShouldBe("zero-line-off");
        mark.Parts!.Placing.ShouldBe(-less, 0.01);
        mark.Parts.Reading.ShouldBe(0, 0.01);
    }
}
