using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>What is said at instruments with coarse graduations or one scale, and where the right guess stands.</summary>
public class CoarseInstrumentsTests
{
    private static DemonstrationTask Task(double measure, Protractor instrument) =>
        new(
            new Angle(default, default, new Measure(measure), TurnDirection.Anticlockwise, 90, 90),
            instrument,
            new AngleNames("K", "L", "M"),
            HouseRules.Usual
        );

    private static string SaidOf(double measure, Protractor instrument) =>
        string.Join(
            ' ',
            DemonstrationCatalogue
                .Find("measure")!
                .Build(Task(measure, instrument))
                .Steps.Select(s => s.Caption.Said())
        );

    [Fact]
    public void An_angle_smaller_than_one_part_of_folded_paper_has_no_parts()
    {
        string said = SaidOf(15, InstrumentCatalogue.FoldedPaper);
        said.ShouldContain("less than one part of 22.5°");
        said.ShouldNotContain("make 0°");
    }

    [Fact]
    public void Marks_are_told_as_far_apart_as_they_are()
    {
        Protractor tens = InstrumentCatalogue.DeskHalfCircle with { SmallestGraduation = 10 };
        string said = SaidOf(64, tens);
        said.ShouldContain("10° apart");
        said.ShouldNotContain("fives");
    }

    [Fact]
    public void On_a_full_circle_what_is_left_is_left_of_360()
    {
        Protractor clockwise = InstrumentCatalogue.FullCircleOneScale with
        {
            Scales = [new Scale("single", 52, 0, TurnDirection.Clockwise, 360)],
        };
        Angle angle = Task(64, clockwise).Angle;
        var laid = LaidAngle.Of(
            angle,
            clockwise,
            new Placement(angle.Vertex, angle.Start),
            WhichArm.Start
        );
        AdviceSentences.Why(laid).Said().ShouldContain("from 360°");
    }

    [Fact]
    public void The_right_guess_stands_now_here_now_there()
    {
        int[] places =
        [
            .. DemonstrationCatalogue
                .All.Where(d => d.Facts.Group == DemonstrationGroup.WentWrong)
                .Select(d =>
                    d.Build(
                            Task(d.Facts.UsualMeasure, d.Facts.UsualInstrument) with
                            {
                                Angle = Task(
                                    d.Facts.UsualMeasure,
                                    d.Facts.UsualInstrument
                                ).Angle with
                                {
                                    EndLength = d.Facts.UsualEndLength,
                                },
                            }
                        )
                        .Steps.FirstOrDefault(s => s.Key == "guess")
                        ?.Question
                )
                .OfType<Question>()
                .Select(q => q.Answer),
        ];
        places.Distinct().Count().ShouldBeGreaterThanOrEqualTo(3);
        // Nowhere more than half of the time.
        places.GroupBy(p => p).Max(g => g.Count()).ShouldBeLessThanOrEqualTo(places.Length / 2);
    }
}
