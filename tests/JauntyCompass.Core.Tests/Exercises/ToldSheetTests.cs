using System.Text.RegularExpressions;
using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>Sheets in words: enough to answer without looking, and never the answer itself.</summary>
public partial class ToldSheetTests
{
    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    private static IEnumerable<(Item Item, ToldSheet Told)> Told(string kind, int seeds = 25)
    {
        for (int seed = 0; seed < seeds; seed++)
        {
            IReadOnlyList<Protractor> instruments = KindTrial.InstrumentsFor(kind);
            Protractor instrument = instruments[seed % instruments.Count];
            var spec = new SetSpecification(
                [new KindCount(kind, instrument.IsFine ? 4 : 1)],
                Tilt: Tilt.Mixed,
                Arms: ArmLengths.Mixed,
                BaseRays: BaseRays.Mixed,
                Instrument: instrument.Id
            );
            foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
            {
                yield return (made.Item, SeenItem.Of(made.Item, HouseRules.Usual).Told);
            }
        }
    }

    private static string InWords(ToldSheet told, Phrasing phrasing) =>
        string.Join(' ', told.Sentences.Concat(told.Laid).Select(m => m.Said(phrasing)));

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_sheet_is_told_in_every_language_with_nothing_left_open(string kind)
    {
        foreach ((_, ToldSheet told) in Told(kind))
        {
            told.Sentences.ShouldNotBeEmpty();
            foreach (Language language in Language.All)
            {
                string text = InWords(told, Phrasing.Usual with { Language = language });
                text.ShouldNotMatch(@"[{}]|-\d|\b0 mm|360°|NaN");
            }
        }
    }

    // Zero line on the ray, either way round: whoever listens hears two zeros or straight angles, and never that nothing stands there.
    [Theory]
    [MemberData(nameof(Kinds))]
    public void On_a_ray_that_an_instrument_is_laid_along_its_zero_is_told(string kind)
    {
        foreach ((Item item, ToldSheet told) in Told(kind))
        {
            ItemView view = ExerciseKinds.Of(item).Present(item, HouseRules.Usual);
            if (
                view.Drawing?.BaseRay is not BaseRay ray
                || view.InHand is not Protractor instrument
            )
            {
                continue;
            }
            ToldPlace place = told.Places.Single(p => p.At.DistanceTo(ray.Vertex) < 0.01);
            var tip = Direction.Between(place.At, place.Rays[0].Tip);
            foreach (double turned in new[] { 0d, 180 })
            {
                var placement = new Placement(ray.Vertex, ray.Direction.Turned(turned), false);
                double bearing = placement.BearingOf(tip);
                instrument.Scales.ShouldAllBe(s => s.ReadingAt(bearing) != null);
            }
        }
    }

    // What is read off the instrument is the reading itself: it is told where it lies already, and only there.
    [Theory]
    [MemberData(nameof(Kinds))]
    public void How_many_degrees_an_angle_has_is_not_told(string kind)
    {
        foreach ((Item item, ToldSheet told) in Told(kind))
        {
            string text = string.Join(' ', told.Sentences.Select(m => m.Said()));
            text = Turned().Replace(text, "");
            // What is written on the sheet is for all to know.
            foreach (
                Written note in ExerciseKinds.Of(item).Present(item, HouseRules.Usual).Sheet.Notes
            )
            {
                text = text.Replace(note.Text.Said(), "", StringComparison.Ordinal);
            }
            text.ShouldNotContain("°");
            if (item is MeasureItem { Angle.Measure.Degrees: double measure })
            {
                text.ShouldNotContain($" {measure} ");
            }
        }
    }

    [Theory]
    [InlineData(0, "not at all")]
    [InlineData(2, "hardly at all")]
    [InlineData(29, "a little less than 1 hour")]
    [InlineData(45, "exactly 1.5 hours")]
    [InlineData(89, "a little less than 3 hours")]
    [InlineData(90, "exactly 3 hours")]
    [InlineData(91, "a little more than 3 hours")]
    [InlineData(112, "between 3.5 and 4 hours")]
    [InlineData(180, "exactly 6 hours")]
    [InlineData(360, "once all the way round")]
    public void An_opening_is_told_in_half_hours(double degrees, string told) =>
        ToldAngles.Opening(degrees).Said().ShouldBe(told);

    // Right, straight and full turns are told from what lies beside them; so the kind can always be said.
    [Property(MaxTest = 300)]
    public void The_kind_of_any_angle_follows_from_what_is_told(ushort tenths)
    {
        double degrees = tenths % 3601 / 10.0;
        string told = ToldAngles.Opening(degrees).Said();
        (double least, double most) = Hours(told);
        double hours = degrees / 30;
        hours.ShouldBeInRange(least, most);
        if (Math.Abs(degrees - 90) > 0.25 && Math.Abs(degrees - 180) > 0.25)
        {
            foreach (double boundary in new[] { 3.0, 6.0 })
            {
                (least >= boundary || most <= boundary).ShouldBeTrue(told);
            }
        }
    }

    [Fact]
    public void Of_two_angles_the_larger_one_can_be_told_though_the_half_hours_are_alike()
    {
        foreach ((Item item, ToldSheet told) in Told("compare", 40))
        {
            var compared = (Core.Exercises.Kinds.Compare.CompareItem)item;
            double difference = compared.First.Measure.Degrees - compared.Second.Measure.Degrees;
            string expected =
                Math.Abs(difference) < 1 ? "exactly on"
                : difference < 0 ? "inside"
                : "outside";
            told.Sentences[^1].Said().ShouldContain($"lies {expected}");
        }
    }

    [Fact]
    public void Each_place_to_lay_an_instrument_at_has_its_rays_by_name()
    {
        foreach ((Item item, ToldSheet told) in Told("figure-angles").Concat(Told("range")))
        {
            told.Places.Count.ShouldBeGreaterThan(0);
            foreach (ToldPlace place in told.Places)
            {
                place.Rays.Count.ShouldBeGreaterThan(1);
                place.Rays.Select(r => r.Name.Said()).ShouldBeUnique();
                place.Rays.ShouldAllBe(r => r.Tip.DistanceTo(place.At) > 10);
            }
        }
    }

    private static (double Least, double Most) Hours(string told)
    {
        double[] numbers =
        [
            .. Number()
                .Matches(told)
                .Select(m =>
                    double.Parse(m.Value, System.Globalization.CultureInfo.InvariantCulture)
                ),
        ];
        const double Near = 4 / 30.0 + 1e-9;
        const double Hair = 0.25 / 30.0 + 1e-9;
        return told switch
        {
            "not at all" => (0, Hair),
            "hardly at all" => (0, Near),
            "once all the way round" => (12 - Hair, 12),
            _ when told.StartsWith("exactly") => (numbers[0] - Hair, numbers[0] + Hair),
            _ when told.Contains("less") => (numbers[0] - Near, numbers[0]),
            _ when told.Contains("more") => (numbers[0], numbers[0] + Near),
            _ => (numbers[0], numbers[1]),
        };
    }

    [GeneratedRegex(@"turned [\d.]+° from level right")]
    private static partial Regex Turned();

    [GeneratedRegex(@"[\d.]+")]
    private static partial Regex Number();
}
