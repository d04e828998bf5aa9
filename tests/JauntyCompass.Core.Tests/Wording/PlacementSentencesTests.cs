using System.Globalization;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Wording;

/// <summary>How an instrument lies and which numbers stand on the arms, for those who do not see it.</summary>
public class PlacementSentencesTests
{
    private static readonly Angle Angle = new(
        default,
        new Direction(0),
        new Measure(63),
        TurnDirection.Anticlockwise,
        90,
        90
    );

    private static LaidAngle Laid(Placement placement, Protractor? protractor = null) =>
        LaidAngle.Of(Angle, protractor ?? InstrumentCatalogue.DeskHalfCircle, placement);

    private static string Standing(in LaidAngle laid, WhichArm arm, Phrasing phrasing) =>
        string.Join(", ", PlacementSentences.Standing(laid, arm).Select(m => m.Said(phrasing)));

    private static string Lying(Placement placement, Phrasing? phrasing = null) =>
        PlacementSentences.Lying(Laid(placement)).Said(phrasing ?? Phrasing.Usual);

    [Theory]
    [InlineData(0, 0, 0, "centre mark on the vertex, zero line on the starting arm")]
    [InlineData(0.4, 0.3, 0.2, "centre mark on the vertex, zero line on the starting arm")]
    [InlineData(6, 0, 0, "centre mark 6 mm right of the vertex, zero line on the starting arm")]
    [InlineData(-6, 1, 0, "centre mark 6.1 mm left of the vertex, zero line on the starting arm")]
    [InlineData(0, -5, 0, "centre mark 5 mm below the vertex, zero line on the starting arm")]
    [InlineData(0, 0, 30, "centre mark on the vertex, zero line on neither arm")]
    public void How_it_lies_is_told_in_words(double x, double y, double turn, string told) =>
        Lying(new Placement(new Point(x, y), new Direction(turn))).ShouldBe(told);

    [Fact]
    public void A_zero_line_off_its_arm_is_told_with_how_far_and_on_which_side()
    {
        Lying(new Placement(default, new Direction(4)))
            .ShouldContain("zero line 4° above the starting arm");
        Lying(new Placement(default, new Direction(356)))
            .ShouldContain("4° below the starting arm");
    }

    [Fact]
    public void It_is_told_in_the_words_of_the_class()
    {
        var phrasing = new Phrasing(
            Words.Usual with
            {
                Arm = "ray",
                CentreMark = "hole",
                ZeroLine = "baseline",
                StartingArm = "first",
                InnerScale = "lower",
                OuterScale = "upper",
            },
            DegreeStyle.Words
        );
        Lying(new Placement(default, new Direction(4)), phrasing)
            .ShouldBe("hole on the vertex, baseline 4 degrees above the first ray");
        Standing(Laid(Any.Well(Angle)), WhichArm.End, phrasing).ShouldBe("upper 117, lower 63");
    }

    [Fact]
    public void Turned_over_is_told() =>
        Lying(Any.Well(Angle) with { TurnedOver = true }).ShouldEndWith(", turned over");

    // Both numbers are told, as both are seen: on a half circle they add to 180. Common practice, no source.
    [Property(MaxTest = 200)]
    public void The_numbers_of_every_scale_are_told_to_the_nearest_degree(int seed)
    {
        var random = new SeededRandom(seed);
        Protractor protractor = InstrumentCatalogue.ForExercises[
            random.Below(InstrumentCatalogue.ForExercises.Count)
        ];
        var placement = new Placement(
            new Point(random.Between(-3, 3), random.Between(-3, 3)),
            new Direction(random.Below(360)),
            random.Chance(0.3)
        );
        LaidAngle laid = Laid(placement, protractor);
        foreach (WhichArm arm in Enum.GetValues<WhichArm>())
        {
            string told = Standing(laid, arm, Phrasing.Usual);
            double?[] readings =
            [
                .. Enumerable.Range(0, protractor.Scales.Count).Select(i => laid.Reading(i, arm)),
            ];
            if (told.Length == 0)
            {
                readings.ShouldAllBe(r => r == null);
                continue;
            }
            double[] numbers =
            [
                .. told.Split(", ")
                    .Select(t => double.Parse(t.Split(' ')[^1], CultureInfo.InvariantCulture)),
            ];
            numbers.Length.ShouldBe(readings.Count(r => r is not null));
            double[] seen = [.. readings.OfType<double>()];
            for (int i = 0; i < numbers.Length; i++)
            {
                numbers[i].ShouldBe(Math.Round(numbers[i]));
                Math.Abs(numbers[i] - seen[i]).ShouldBeLessThanOrEqualTo(0.5);
            }
        }
    }

    [Fact]
    public void An_only_scale_needs_no_name_and_raised_marks_are_told_by_their_side()
    {
        Standing(
                Laid(Any.Well(Angle), InstrumentCatalogue.OneScaleRight),
                WhichArm.End,
                Phrasing.Usual
            )
            .ShouldBe("63");
        Standing(Laid(Any.Well(Angle), InstrumentCatalogue.Tactile), WhichArm.End, Phrasing.Usual)
            .ShouldBe("left-hand 117, right-hand 63");
    }

    [Fact]
    public void Off_the_graduations_nothing_stands_there()
    {
        Placement below = Any.Well(Angle) with { Turn = new Direction(180) };
        Standing(Laid(below), WhichArm.End, Phrasing.Usual).ShouldBeEmpty();
    }
}
