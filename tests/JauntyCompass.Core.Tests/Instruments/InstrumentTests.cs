using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Validation;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Instruments;

/// <summary>The catalogue, what an instrument may be, and how far each house rule can be trusted on it.</summary>
public class InstrumentTests
{
    [Fact]
    public void Every_instrument_of_the_catalogue_can_exist()
    {
        foreach (Protractor protractor in InstrumentCatalogue.All)
        {
            ValidationErrors.Of(protractor).Found.ShouldBeEmpty(protractor.Id);
        }
        InstrumentCatalogue.All.Select(p => p.Id).Distinct().Count().ShouldBe(12);
    }

    // Independent reference: the reading counted graduation by graduation on the sheet, without the scale's own formula.
    [Property(Arbitrary = [typeof(Arbitraries)])]
    public void Every_scale_reads_what_counting_its_graduations_gives(LaidCase laid)
    {
        LaidAngle read = LaidAngle.Of(laid.Angle, laid.Protractor, laid.Placement);
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            foreach (WhichArm arm in Enum.GetValues<WhichArm>())
            {
                if (read.Reading(i, arm) is double reading)
                {
                    reading.ShouldBe(
                        Reference(laid, laid.Protractor.Scales[i], read.CrossingOf(arm)!.Value.At),
                        1e-6
                    );
                }
            }
        }
    }

    private static double Reference(LaidCase laid, Scale scale, Point crossing)
    {
        // Into the instrument's own frame by plane vectors: unturn, then unmirror.
        double dx = crossing.X - laid.Placement.Centre.X;
        double dy = crossing.Y - laid.Placement.Centre.Y;
        double turn = laid.Placement.Turn.Degrees * Math.PI / 180;
        double x = dx * Math.Cos(turn) + dy * Math.Sin(turn);
        double y = -dx * Math.Sin(turn) + dy * Math.Cos(turn);
        x = laid.Placement.TurnedOver ? -x : x;
        double zero = scale.ZeroAt * Math.PI / 180;
        (double zx, double zy) = (Math.Cos(zero), Math.Sin(zero));
        double along = x * zx + y * zy;
        double across = zx * y - zy * x;
        double swept = Math.Atan2(across, along) * 180 / Math.PI;
        double reading = scale.Growth == TurnDirection.Anticlockwise ? swept : -swept;
        return reading < -1e-7 ? reading + 360 : Math.Max(0, reading);
    }

    [Theory]
    [InlineData("desk-half-circle", ScaleRule.StartAtZero, Trust.Safe)]
    [InlineData("desk-half-circle", ScaleRule.OpeningSide, Trust.SafeUpright)]
    [InlineData("desk-half-circle", ScaleRule.SizeFirst, Trust.Safe)]
    [InlineData("desk-half-circle", ScaleRule.TurningDirection, Trust.Safe)]
    [InlineData("reversed-half-circle", ScaleRule.OpeningSide, Trust.Misleads)]
    [InlineData("one-scale-right", ScaleRule.OpeningSide, Trust.Silent)]
    [InlineData("one-scale-right", ScaleRule.SizeFirst, Trust.Misleads)]
    [InlineData("one-scale-left", ScaleRule.StartAtZero, Trust.Safe)]
    [InlineData("full-circle", ScaleRule.StartAtZero, Trust.Safe)]
    [InlineData("full-circle", ScaleRule.TurningDirection, Trust.Misleads)]
    [InlineData("full-circle", ScaleRule.SizeFirst, Trust.Misleads)]
    public void Rules_are_trusted_as_far_as_the_instrument_allows(
        string id,
        ScaleRule rule,
        Trust trust
    ) => RuleSafety.Of(rule, InstrumentCatalogue.Find(id)!).Trust.ShouldBe(trust);

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 400)]
    public void A_rule_marked_safe_is_right_wherever_it_answers(LaidCase laid, bool endArm)
    {
        Angle angle = laid.Angle;
        foreach (ScaleRule rule in Enum.GetValues<ScaleRule>())
        {
            RuleSafety safety = RuleSafety.Of(rule, laid.Protractor);
            foreach (double zeroEnd in (double[])[0, 180])
            {
                // Laid well: the centre mark on the vertex, that end of the zero line on one of the arms, either face up.
                Direction arm = endArm ? angle.End : angle.Start;
                double toEnd = laid.Placement.TurnedOver ? 180 - zeroEnd : zeroEnd;
                var placement = new Placement(
                    angle.Vertex,
                    arm.Turned(-toEnd),
                    laid.Placement.TurnedOver
                );
                bool upright = !placement.TurnedOver && placement.Turn.SinCos().Cos > 1e-9;
                bool trusted =
                    safety.Trust == Trust.Safe || (safety.Trust == Trust.SafeUpright && upright);
                WhichArm linedUp = endArm ? WhichArm.End : WhichArm.Start;
                RuleAnswer answer = ScaleRules.Follow(
                    rule,
                    LaidAngle.Of(angle, laid.Protractor, placement, linedUp)
                );
                if (trusted && answer.Reading is double reading)
                {
                    reading.ShouldBe(angle.Measure.Degrees, 1e-6, $"{rule} {laid.Protractor.Id}");
                }
            }
        }
    }

    [Fact]
    public void A_rule_marked_unsafe_has_a_placement_at_which_it_misleads()
    {
        foreach (Protractor protractor in InstrumentCatalogue.All)
        {
            foreach (ScaleRule rule in Enum.GetValues<ScaleRule>())
            {
                RuleSafety safety = RuleSafety.Of(rule, protractor);
                if (safety.Trust is Trust.Misleads or Trust.SafeUpright)
                {
                    Misleading wrong = safety.Example!;
                    LaidAngle laid = LaidAngle.Of(
                        wrong.Angle,
                        protractor,
                        wrong.Placement,
                        wrong.LinedUp
                    );
                    ScaleRules.Follow(rule, laid).Reading!.Value.ShouldBe(wrong.Answer);
                    Math.Abs(wrong.Answer - wrong.Angle.Measure.Degrees).ShouldBeGreaterThan(0.5);
                    laid.Alignment.CentreOffset.ShouldBe(0);
                    laid.Alignment.ZeroLineOff.ShouldBe(0, 1e-9);
                }
            }
        }
    }

    [Theory]
    [InlineData(90, TurnDirection.Anticlockwise, 54, "scales[1].zeroAt")]
    [InlineData(0, TurnDirection.Clockwise, 54, "scales[1].growth")]
    [InlineData(180, TurnDirection.Clockwise, 54, "scales[1].zeroAt")]
    [InlineData(0, TurnDirection.Anticlockwise, 64, "scales[1].radius")]
    [InlineData(0, TurnDirection.Anticlockwise, 90, "scales[1].radius")]
    public void Scales_that_contradict_overlap_or_leave_the_body_are_refused_beside_their_field(
        double zeroAt,
        TurnDirection growth,
        double radius,
        string field
    )
    {
        Protractor desk = InstrumentCatalogue.DeskHalfCircle;
        Protractor broken = desk with
        {
            Scales = [desk.Scales[0], new Scale("second", radius, zeroAt, growth, 180)],
        };
        ValidationErrors.Of(broken).Found.ShouldContain(f => f.Field == field);
    }

    [Fact]
    public void A_folded_paper_is_counted_in_creases()
    {
        Protractor paper = InstrumentCatalogue.FoldedPaper;
        ProtractorFace.Of(paper).Graduations.Count.ShouldBe(9);
        ProtractorFace.Of(paper).Labels.ShouldBeEmpty();
        CountingThread
            .Along(paper, new Placement(default, default), 1, 64)
            .Stops.Select(s => s.Reading)
            .ShouldBe([0, 22.5, 45]);
    }
}
