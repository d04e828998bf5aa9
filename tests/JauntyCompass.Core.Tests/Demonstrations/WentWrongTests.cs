using FsCheck.Xunit;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.WentWrong;
using JauntyCompass.Core.Demonstrations.WentWrong.Replays;
using JauntyCompass.Core.Exercises.Kinds.Draw;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>What a replay shows is what the marker would find: the two are held against each other.</summary>
public class WentWrongTests
{
    private static readonly Protractor Desk = InstrumentCatalogue.DeskHalfCircle;
    private static readonly AngleNames Names = new("K", "L", "M");

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 200)]
    public void A_replayed_mistake_is_one_that_the_marker_finds_in_its_answer(Angle angle)
    {
        Angle whole = angle with
        {
            Measure = new Measure(Math.Round(angle.Measure.Degrees)),
            StartLength = 100,
            EndLength = 100,
        };
        LaidAngle laid = LaidAngle.Of(whole, Desk, Any.Well(whole), WhichArm.Start);
        var item = new MeasureItem(Any.Prompt, Desk, whole, Names);
        foreach (Mistake mistake in MistakeCatalogue.Reading)
        {
            if (
                ReplayCatalogue.Measuring(mistake)?.Replay(laid) is not MeasuringExample slip
                || slip.Answer is < 0 or > 360
            )
            {
                continue;
            }
            Mark mark = new MeasureKind().Mark(
                item,
                new MeasureResponse(slip.Answer, null, slip.Placement),
                MarkingRules.Usual
            );
            if (mark.Verdict != Verdict.Accepted)
            {
                mark.Causes.ShouldContain(
                    c => c.Mistake == mistake.Key,
                    $"{mistake.Key} at {whole.Measure}: {slip.Answer}"
                );
            }
        }
    }

    [Property(Arbitrary = [typeof(Arbitraries)], MaxTest = 200)]
    public void A_replayed_drawing_is_marked_for_the_mistake_it_shows(Angle angle)
    {
        // Where the drawing has room, and the two openings and the two scales are clearly apart.
        double measure = Math.Round(angle.Measure.Degrees);
        if (measure is < 20 or > 160 or (> 75 and < 105))
        {
            return;
        }
        Angle asked = angle with
        {
            Measure = new Measure(measure),
            StartLength = 90,
            EndLength = 90,
        };
        var item = new DrawItem(
            Any.Prompt,
            Desk,
            asked.Measure,
            new BaseRay(asked.Vertex, asked.Start, 90),
            asked.Opening,
            Names
        );
        foreach (Mistake mistake in MistakeCatalogue.Drawing)
        {
            if (ReplayCatalogue.Drawing(mistake)?.Replay(asked, Desk) is not DrawingExample slip)
            {
                continue;
            }
            Mark mark = new DrawKind().Mark(
                item,
                new DrawResponse([new Stroke([slip.From, slip.To])], [slip.Dot], slip.Arc),
                MarkingRules.Usual
            );
            mark.LikelyCause.ShouldBe(mistake.Key, $"{mistake.Key} at {measure}");
        }
    }

    [Fact]
    public void Every_mistake_that_a_reading_can_show_has_a_replay_and_every_other_a_demonstration()
    {
        string[] replayed = [.. ReplayDemonstrations.All.Select(d => d.Key)];
        foreach (Mistake mistake in MistakeCatalogue.Reading)
        {
            // A slip of the eye leaves nothing on the sheet that could be shown, nor does what nobody saw.
            bool shown = replayed.Contains("wrong-" + mistake.Key);
            shown.ShouldBe(mistake.Key is not ("slip" or "laid-off"), mistake.Key);
        }
        foreach (Mistake mistake in MistakeCatalogue.All)
        {
            string key = ReplayDemonstrations.KeyFor(mistake);
            DemonstrationCatalogue.Find(key).ShouldNotBeNull($"{mistake.Key}: {key}");
        }
    }

    [Fact]
    public void The_wrong_count_runs_first_and_the_right_one_afterwards()
    {
        Demonstration replay = DemonstrationCatalogue.Find("wrong-other-scale")!;
        Script script = replay.Build(
            new DemonstrationTask(
                new Angle(default, default, new Measure(64), TurnDirection.Anticlockwise, 90, 90),
                Desk,
                Names,
                HouseRules.Usual
            )
        );
        script.Steps[0].Caption.Said().ShouldContain("116°");
        CountedThread wrong = script.Steps.Single(s => s.Key == "replay").State.Threads[0];
        CountedThread right = script.Steps.Single(s => s.Key == "count").State.Threads[0];
        wrong.Wrong.ShouldBeTrue();
        // The class sees it lie there and run before it is told what was wrong with it.
        Step watch = script.Steps.Single(s => s.Key == "watch");
        watch.State.Threads.ShouldBe([wrong]);
        watch.Caption.Said().ShouldNotContain("scale");
        script.Steps.Single(s => s.Key == "guess").State.Instruments.ShouldHaveSingleItem();
        right.Wrong.ShouldBeFalse();
        Math.Abs(wrong.Count.Sweep).ShouldBe(116, 1e-9);
        Math.Abs(right.Count.Sweep).ShouldBe(64, 1e-9);
        Question guess = script.Steps.Single(s => s.Key == "guess").Question!;
        guess.Choices[guess.Answer].Said().ShouldBe("read the other scale");
    }

    [Fact]
    public void A_students_own_placement_and_answer_are_what_is_replayed()
    {
        var placement = new Placement(default, new Direction(11));
        Script script = DemonstrationCatalogue
            .Find("wrong-zero-line-off")!
            .Build(
                new DemonstrationTask(
                    new Angle(
                        default,
                        default,
                        new Measure(64),
                        TurnDirection.Anticlockwise,
                        90,
                        90
                    ),
                    Desk,
                    Names,
                    HouseRules.Usual,
                    placement,
                    Answer: 53
                )
            );
        script.Steps.Single(s => s.Key == "lying").Caption.Said().ShouldContain("11° above");
        script
            .Steps.Single(s => s.Key == "replay")
            .State.Instruments[0]
            .Placement.ShouldBe(placement);
    }

    [Theory]
    [InlineData(64, 60, 65)]
    [InlineData(45, 45, 45)]
    [InlineData(100, 90, 100)]
    [InlineData(178, 180, 180)]
    [InlineData(263, 270, 265)]
    public void An_estimate_goes_by_its_nearest_benchmark(double measure, int benchmark, int number)
    {
        Core.Demonstrations.Estimating.Estimate estimate =
            Core.Demonstrations.Estimating.Estimate.Of(new Measure(measure));
        estimate.Benchmark.ShouldBe(benchmark);
        estimate.Number.ShouldBe(number);
    }
}
