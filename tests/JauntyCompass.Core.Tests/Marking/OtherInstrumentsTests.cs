using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Marking;

/// <summary>Mistakes follow the instrument that was in hand: its labels, its graduations, how it lay.</summary>
public class OtherInstrumentsTests
{
    private static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;
    private static readonly Protractor Twenties = Desk with { LabelEvery = 20 };
    private static readonly Protractor Twos = Desk with { SmallestGraduation = 2 };
    private static readonly AngleNames Names = new("K", "L", "M");

    private static Angle AngleOf(double measure) =>
        new(new Point(3, -20), default, new Measure(measure), TurnDirection.Anticlockwise, 90, 90);

    private static Mark Read(Protractor instrument, double measure, double reading)
    {
        Angle angle = AngleOf(measure);
        var item = new MeasureItem(Any.Prompt, instrument, angle, Names);
        var response = new MeasureResponse(reading, null, Any.Well(angle));
        return ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);
    }

    // Labels every 20: the next label is twenty off, and within 20 and 40 one counts back from 40. Common practice, no source.
    [Theory]
    [InlineData(64, 84, "wrong-ten")]
    [InlineData(64, 44, "wrong-ten")]
    [InlineData(27, 33, "ticks-backwards")]
    [InlineData(73, 67, "ticks-backwards")]
    public void Where_labels_stand_farther_apart_mistakes_are_as_large(
        double measure,
        double reading,
        string cause
    ) => Read(Twenties, measure, reading).LikelyCause.ShouldBe(cause);

    // Two degrees a graduation, taken for one: 68 is four of them after 60, so 64. Common practice, no source.
    [Theory]
    [InlineData(68, 64)]
    [InlineData(138, 134)]
    public void Graduations_of_two_degrees_are_taken_for_ones(double measure, double reading) =>
        Read(Twos, measure, reading).LikelyCause.ShouldBe("graduations-as-two-or-five");

    // In drawing fewer are counted: 48 with each taken for two is four graduations after 40, so 44.
    [Theory]
    [InlineData(48, 44)]
    [InlineData(126, 121.2)]
    [InlineData(158, 154)]
    public void Who_draws_by_graduations_taken_for_more_stops_short(double asked, double drawn)
    {
        Angle angle = AngleOf(asked);
        Direction ray = angle.Start.Turned(drawn);
        var item = new DrawItem(
            Any.Prompt,
            Desk,
            angle.Measure,
            new BaseRay(angle.Vertex, angle.Start, 90),
            angle.Opening,
            Names
        );
        var response = new DrawResponse(
            [new Stroke([angle.Vertex, angle.Vertex.Towards(ray, 88)])],
            [angle.Vertex.Towards(ray, 76)],
            angle.Vertex.Towards(angle.Start.Turned(drawn / 2), 15),
            Any.Well(angle)
        );
        Mark mark = ExerciseKinds.Of(item).Mark(item, response, MarkingRules.Usual);
        mark.LikelyCause.ShouldBe("graduations-as-two-or-five");
    }

    // Euclid, Elements III.20, for an inset of nothing and an edge as long as its radius.
    [Theory]
    [InlineData(23)]
    [InlineData(41)]
    [InlineData(64)]
    public void The_end_of_the_edge_at_the_vertex_is_seen_and_named(double measure)
    {
        Angle angle = AngleOf(measure);
        Placement well = Any.Well(angle);
        Placement slid = well with { Centre = well.Centre.Towards(angle.Start, Desk.HalfLength) };
        double read = Math.Round(
            LaidAngle.Of(angle, Desk, slid, WhichArm.Start).CarefulReading!.Value
        );
        var item = new MeasureItem(Any.Prompt, Desk, angle, Names);
        ExerciseKinds
            .Of(item)
            .Mark(item, new MeasureResponse(read, null, slid), MarkingRules.Usual)
            .LikelyCause.ShouldBe("end-of-edge-at-vertex");
    }

    [Theory]
    [InlineData(64, 69)]
    [InlineData(64, 58)]
    [InlineData(128, 123)]
    public void On_paper_nobody_says_how_the_protractor_lay(double measure, double reading)
    {
        var item = new MeasureItem(Any.Prompt, Desk, AngleOf(measure), Names);
        Mark mark = ExerciseKinds
            .Of(item)
            .Mark(item, new MeasureResponse(reading), MarkingRules.Usual);
        mark.Causes.ShouldNotContain(c =>
            c.Mistake == "centre-mark-off" || c.Mistake == "zero-line-off"
        );
        mark.Causes.ShouldContain(c => c.Mistake == "laid-off");
    }
}
