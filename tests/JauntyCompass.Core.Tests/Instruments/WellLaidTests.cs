using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;
using Shouldly;

namespace JauntyCompass.Core.Tests.Instruments;

/// <summary>How an instrument is laid well, whatever its shape and its scales.</summary>
public class WellLaidTests
{
    private static Angle Random(SeededRandom random, int most) =>
        new(
            new Point(random.Between(-20, 20), random.Between(-20, 20)),
            new Direction(random.Below(360)),
            new Measure(random.Between(5, most)),
            random.Chance(0.5) ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            110,
            110
        );

    private static int MostOf(Protractor instrument) =>
        instrument.Shape == ProtractorShape.FullCircle ? 355 : 175;

    [Property(MaxTest = 60)]
    public void With_a_zero_on_the_arm_the_scale_in_use_reads_the_measure(int seed)
    {
        var random = new SeededRandom(seed);
        foreach (Protractor instrument in InstrumentCatalogue.All)
        {
            Angle angle = Random(random, MostOf(instrument));
            if (WellLaid.OnStart(angle, instrument) is not WellLaid laid)
            {
                // Only where a single scale counts the other way from this arm.
                instrument.Scales.Count.ShouldBe(1, instrument.Id);
                continue;
            }
            LaidAngle on = LaidAngle.Of(angle, instrument, laid.Placement, WhichArm.Start);
            on.Reading(laid.Scale, WhichArm.Start)!.Value.ShouldBe(0, 1e-6, instrument.Id);
            on.Reading(laid.Scale, WhichArm.End)!
                .Value.ShouldBe(angle.Measure.Degrees, 1e-6, instrument.Id);
        }
    }

    [Property(MaxTest = 60)]
    public void Whatever_its_scales_it_lies_on_the_vertex_and_along_the_arm(int seed)
    {
        var random = new SeededRandom(seed);
        foreach (Protractor instrument in InstrumentCatalogue.All)
        {
            Angle angle = Random(random, MostOf(instrument));
            Placement placement = WellLaid.Over(angle, instrument);
            LaidAngle on = LaidAngle.Of(angle, instrument, placement, WhichArm.Start);
            on.Alignment.CentreOffset.ShouldBe(0, 1e-9, instrument.Id);
            on.Alignment.ZeroLineOff.ShouldBe(0, 1e-6, instrument.Id);
            on.Alignment.IsLinedUp.ShouldBeTrue(instrument.Id);
        }
    }
}
