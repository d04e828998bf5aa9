using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Clock;
using JauntyCompass.Core.Exercises.Kinds.FigureAngles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Answers of exercises held against something outside the project.</summary>
public class OutsideChecksTests
{
    private static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;

    // Hands of a clock: 6° a minute, 0.5° a minute. The values are worked out by hand from these rates.
    [Theory]
    [InlineData(3, 0, 90)]
    [InlineData(6, 0, 180)]
    [InlineData(9, 0, 90)]
    [InlineData(3, 30, 75)]
    [InlineData(12 - 12, 30, 165)]
    [InlineData(10, 10, 115)]
    [InlineData(1, 5, 2.5)]
    public void Hands_of_a_clock(int hour, int minute, double degrees) =>
        new ClockItem(Any.Prompt, ClockQuestion.BetweenHands, hour, minute, 0).Truth.ShouldBe(
            degrees,
            1e-9
        );

    [Fact]
    public void The_minute_hand_goes_once_round_in_an_hour_and_the_hour_hand_a_twelfth()
    {
        new ClockItem(Any.Prompt, ClockQuestion.MinuteHand, 0, 0, 60).Truth.ShouldBe(360);
        new ClockItem(Any.Prompt, ClockQuestion.HourHand, 0, 0, 60).Truth.ShouldBe(30);
    }

    // Euclid I.32: the three angles of a triangle come to two right angles; cut into triangles, n corners to 180 (n − 2).
    [Property(MaxTest = 40)]
    public void Angles_of_a_figure_come_to_two_right_angles_for_each_triangle_in_it(int seed)
    {
        foreach (Item item in Figures(seed))
        {
            var figure = (FigureAnglesItem)item;
            double sum = Enumerable.Range(0, figure.Corners.Count).Sum(i => AngleAt(figure, i));
            sum.ShouldBe(180 * (figure.Corners.Count - 2), 0.01);
        }
    }

    // Law of cosines, from memory: an oracle that knows nothing of directions.
    private static double AngleAt(FigureAnglesItem figure, int corner)
    {
        int count = figure.Corners.Count;
        Point here = figure.Corners[corner];
        Point one = figure.Corners[(corner + 1) % count];
        Point other = figure.Corners[(corner + count - 1) % count];
        double a = here.DistanceTo(one);
        double b = here.DistanceTo(other);
        double c = one.DistanceTo(other);
        double angle = Math.Acos((a * a + b * b - c * c) / (2 * a * b)) * 180 / Math.PI;
        double told = ExerciseKinds.Of(figure).Steps(figure, null)[corner].Degrees!.Value;
        told.ShouldBe(angle, 1e-6);
        return angle;
    }

    private static IEnumerable<Item> Figures(int seed) =>
        SetGenerator
            .Generate(new SetSpecification([new KindCount("figure-angles", 4)]), seed)
            .Items.Select(i => i.Item);

    // The triangle 5-12-13: 22.62° and 67.38° (Pythagorean triples; trigonometric handbook tables).
    [Fact]
    public void The_right_triangle_5_12_13_measures_as_the_tables_say()
    {
        var figure = new FigureAnglesItem(
            Any.Prompt,
            Desk,
            [new Point(0, 0), new Point(120, 0), new Point(120, 50)]
        );
        double[] measures =
        [
            .. ExerciseKinds.Of(figure).Steps(figure, null).Take(3).Select(s => s.Degrees!.Value),
        ];
        measures[0].ShouldBe(22.62, 0.005);
        measures[1].ShouldBe(90, 1e-9);
        measures[2].ShouldBe(67.38, 0.005);
        Mark mark = ExerciseKinds
            .Of(figure)
            .Mark(figure, new FigureAnglesResponse(23, 90, 67, 180), MarkingRules.Usual);
        mark.Verdict.ShouldBe(Verdict.Accepted);
        mark.Credit.ShouldBe(1);
    }

    // Common practice, no source: which names are allowed.
    [Theory]
    [InlineData("∠RST", NameVerdict.Allowed)]
    [InlineData("tsr", NameVerdict.Allowed)]
    [InlineData("< R S T", NameVerdict.Allowed)]
    [InlineData("∠S", NameVerdict.AmbiguousLetter)]
    [InlineData("∠SR", NameVerdict.TwoLetters)]
    [InlineData("∠SRT", NameVerdict.VertexNotInTheMiddle)]
    [InlineData("∠RSU", NameVerdict.OtherAngle)]
    [InlineData("∠RSX", NameVerdict.NoName)]
    [InlineData("∠RSR", NameVerdict.NoName)]
    [InlineData("", NameVerdict.NoName)]
    public void Names_that_are_allowed_and_names_that_are_not(string name, NameVerdict verdict)
    {
        NamedRay[] rays = [new("R", new(0)), new("T", new(60)), new("U", new(120))];
        NameCheck.Of(name, new AngleToName("S", rays, "R", "T")).ShouldBe(verdict);
        if (name == "∠S")
        {
            NameCheck
                .Of(name, new AngleToName("S", rays[..2], "R", "T"))
                .ShouldBe(NameVerdict.Allowed);
        }
    }
}
