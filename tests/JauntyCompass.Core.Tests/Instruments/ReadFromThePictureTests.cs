using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Instruments;

/// <summary>What the core reads, held against what is printed and drawn, by a reader that knows nothing of the core’s scales.</summary>
public class ReadFromThePictureTests
{
    // What the picture is drawn to, seen from the centre mark, in degrees.
    private const double Drawn = 0.06;

    private static PictureReader Picture(Protractor instrument, Placement placement) =>
        new(
            SheetSvg.Of(
                new ItemView(
                    "measure",
                    Text.Units.AsWritten("a picture"),
                    new SheetState
                    {
                        Instruments = [new LaidInstrument("laid", instrument.Id, placement)],
                    },
                    ItemView.UsualWindow,
                    []
                )
                {
                    Laid = instrument,
                },
                Phrasing.Usual
            )
        );

    private static double RingOf(Scale scale, PictureReader picture) =>
        picture.Rings.MinBy(r => Math.Abs(r - scale.Radius));

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 300)]
    public void Every_scale_reads_what_stands_printed_there(LaidCase laid)
    {
        if (laid.Protractor.LabelEvery == 0)
        {
            return;
        }
        PictureReader picture = Picture(laid.Protractor, laid.Placement);
        picture.Centre.DistanceTo(laid.Placement.Centre).ShouldBeLessThan(0.01);
        LaidAngle seen = LaidAngle.Of(laid.Angle, laid.Protractor, laid.Placement);
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            foreach (WhichArm arm in new[] { WhichArm.Start, WhichArm.End })
            {
                Direction along = arm == WhichArm.Start ? laid.Angle.Start : laid.Angle.End;
                if (
                    seen.Reading(i, arm) is double read
                    && picture.Read(
                        laid.Angle.Vertex,
                        along,
                        RingOf(laid.Protractor.Scales[i], picture)
                    )
                        is double printed
                )
                {
                    // Zero and a full turn are one graduation.
                    double apart = Math.Abs(read - printed) % 360;
                    Math.Min(apart, 360 - apart)
                        .ShouldBeLessThan(Drawn, $"{laid.Protractor.Id} scale {i} {arm}");
                }
            }
        }
    }

    [Fact]
    public void The_reader_finds_numbers_on_every_instrument_that_has_them()
    {
        foreach (Protractor instrument in InstrumentCatalogue.All.Where(p => p.LabelEvery > 0))
        {
            PictureReader picture = Picture(instrument, new Placement(default, default));
            picture.Rings.Length.ShouldBe(instrument.Scales.Count, instrument.Id);
            foreach (double ring in picture.Rings)
            {
                picture.Read(default, new Direction(47), ring).ShouldNotBeNull(instrument.Id);
            }
        }
    }

    // Laid well, the other ring of numbers is what who reads the other scale gives: found in the picture, not computed.
    [Theory]
    [InlineData("desk-half-circle")]
    [InlineData("reversed-half-circle")]
    [InlineData("pocket-half-circle")]
    public void Who_reads_the_other_scale_gives_the_other_number_that_is_printed(string id)
    {
        Protractor instrument = InstrumentCatalogue.Find(id)!;
        for (int measure = 4; measure <= 176; measure += 7)
        {
            var angle = new Angle(
                default,
                new Direction(20),
                new Measure(measure),
                TurnDirection.Anticlockwise,
                90,
                90
            );
            Placement placement = Any.Well(angle);
            PictureReader picture = Picture(instrument, placement);
            double[] printed =
            [
                .. picture.Rings.Select(r => picture.Read(angle.Vertex, angle.End, r)!.Value),
            ];
            double other = printed.MaxBy(n => Math.Abs(n - measure));
            OtherScale(angle, instrument, placement).ShouldBe(other, Drawn);
        }
    }

    private static double OtherScale(Angle angle, Protractor instrument, Placement placement)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        PredictionCatalogue.Predict(
            MistakeCatalogue.Get<OtherScale>(),
            MarkingContext.Measuring(angle, instrument, placement),
            null,
            ref outcomes
        );
        outcomes.Count.ShouldBe(1);
        return outcomes[0].Degrees;
    }
}
