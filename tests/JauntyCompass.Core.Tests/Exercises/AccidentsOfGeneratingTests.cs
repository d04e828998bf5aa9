using System.Text.Json;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Exactly;
using JauntyCompass.Core.Exercises.Kinds.InstrumentQuestion;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Exercises.Kinds.Outline;
using JauntyCompass.Core.Exercises.Kinds.ReadLaid;
using JauntyCompass.Core.Exercises.Kinds.SpecialDrawings;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Randomness;
using Shouldly;
using Xunit;
using static JauntyCompass.Core.Tests.Exercises.KindTrial;

namespace JauntyCompass.Core.Tests.Exercises;

/// <summary>What a set must not come out like, whatever the seed.</summary>
public class AccidentsOfGeneratingTests
{
    [Fact]
    public void Reflex_measures_are_no_supplements_of_each_other()
    {
        // By fives from 185 to 355, off the boundaries within the tolerance: thirty-odd, and nine are wanted.
        var spec = new SetSpecification(
            [new KindCount("reflex", 14)],
            From: 185,
            To: 355,
            Step: MeasureStep.Tens
        );
        GeneratedSet set = SetGenerator.Generate(spec, 4);
        set.Items.Select(i => i.Degrees).Distinct().Count().ShouldBe(14);
    }

    [Theory]
    [InlineData(OpeningSide.Right)]
    [InlineData(OpeningSide.Left)]
    public void A_side_that_is_asked_for_is_kept_however_the_angle_is_turned(OpeningSide side)
    {
        for (int seed = 0; seed < 12; seed++)
        {
            var spec = new SetSpecification(
                [new KindCount("measure", 6)],
                Opening: side,
                Tilt: Tilt.Tilted
            );
            foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
            {
                double start = ((MeasureItem)made.Item).Angle.Start.Degrees;
                bool right = start is < 90 or > 270;
                right.ShouldBe(side == OpeningSide.Right, $"{seed}: {start}");
            }
        }
    }

    [Fact]
    public void What_one_thing_is_drawn_from_is_not_what_another_is_drawn_from()
    {
        HashSet<uint> first = [];
        int all = 0;
        foreach (
            string name in new[] { "design of form", "place", "form and place", "twins of place" }
        )
        {
            for (int one = 0; one < 40; one++)
            {
                for (int other = 0; other < 40; other++, all++)
                {
                    first.Add(SeededRandom.Named(7, name, one, other).Next());
                }
            }
        }
        // Of so many 32-bit numbers hardly two are alike by chance.
        first.Count.ShouldBeGreaterThan(all - 5);
    }

    [Fact]
    public void The_answer_to_a_riddle_is_seldom_none()
    {
        OutlineItem[] riddles = [.. Made<OutlineItem>("outline", 100)];
        int none = riddles.Count(r => r.Shapes.First(r.Riddle.Fits).Count(r.Counted) == 0);
        none.ShouldBeInRange(1, 40);
    }

    [Fact]
    public void Another_instrument_than_the_chosen_one_is_said()
    {
        var spec = new SetSpecification(
            [new KindCount("measure", 1), new KindCount("both-arms", 1)],
            Instrument: "one-scale-right"
        );
        SetReport report = SetGenerator.Generate(spec, 1).Report;
        report
            .OtherInstruments.ShouldHaveSingleItem()
            .Said()
            .ShouldBe(
                "“From both arms” will use “Desk protractor”: one scale has no zero for both arms."
            );
    }

    [Theory]
    [InlineData(75)]
    [InlineData(105)]
    public void Whatever_the_size_of_the_instrument_the_figures_stand_on_the_sheet(double radius)
    {
        Protractor own = Desk with { Id = "own", EdgeRadius = radius, HalfLength = radius + 1 };
        var spec = new SetSpecification(
            [new KindCount("exactly", 4)],
            Instrument: "own",
            OwnInstruments: [own]
        );
        foreach (GeneratedItem made in SetGenerator.Generate(spec, 3).Items)
        {
            var window = made.View.Window;
            foreach (Angle angle in ((ExactlyItem)made.Item).Angles)
            {
                foreach (Point tip in new[] { angle.StartArm.Tip, angle.EndArm.Tip })
                {
                    tip.X.ShouldBeInRange(window.Left, window.Left + window.Width);
                    tip.Y.ShouldBeInRange(window.Bottom, window.Bottom + window.Height);
                }
            }
        }
    }

    [Fact]
    public void An_only_scale_round_a_full_circle_begins_at_an_arm()
    {
        Protractor clockwise = InstrumentCatalogue.FullCircleOneScale with
        {
            Id = "own",
            Scales = [new Scale("single", 52, 0, TurnDirection.Clockwise, 360)],
        };
        var spec = new SetSpecification(
            [new KindCount("read-laid", 6)],
            Instrument: "own",
            OwnInstruments: [clockwise]
        );
        for (int seed = 0; seed < 10; seed++)
        {
            foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
            {
                var item = (ReadLaidItem)made.Item;
                LaidAngle laid = LaidAngle.Of(item.Angle, item.Instrument, item.Placement);
                if (laid.Alignment.IsLinedUp && !item.Placement.TurnedOver)
                {
                    laid.Advice.Reading!.Value.ShouldBe(item.Angle.Measure.Degrees, 0.01);
                }
            }
        }
    }

    [Theory]
    [InlineData("draw-special")]
    [InlineData("instrument-question")]
    [InlineData("name")]
    public void No_item_comes_twice_in_a_set(string kind)
    {
        for (int seed = 0; seed < 20; seed++)
        {
            var spec = new SetSpecification([
                new KindCount(kind, kind == "draw-special" ? 12 : 10),
            ]);
            Written(spec, seed).ShouldBeUnique();
        }
    }

    [Fact]
    public void No_item_comes_twice_in_a_set_of_many_kinds()
    {
        for (int seed = 0; seed < 20; seed++)
        {
            var spec = new SetSpecification(
                [.. ExerciseKinds.All.Select(k => new KindCount(k.Key, 2))],
                Order: ItemOrder.Mixed
            );
            Written(spec, seed).ShouldBeUnique();
        }
    }

    // What is asked, not where it lies or which letters it has.
    private static IEnumerable<string> Written(SetSpecification spec, int seed) =>
        SetGenerator
            .Generate(spec, seed)
            .Items.Select(i =>
                i.Item is InstrumentQuestionItem
                    ? Any.Said(i.Item)
                    : JsonSerializer.Serialize(i.Item, ExerciseJson.Options)
            );

    [Theory]
    [InlineData("figure-angles")]
    [InlineData("reflex")]
    [InlineData("read-laid")]
    public void The_mistakes_that_a_set_is_aimed_at_show_at_its_real_items(string kind)
    {
        string[] aimed = ["other-scale", "wrong-ten", "ticks-backwards"];
        int shown = 0;
        int all = 0;
        for (int seed = 0; seed < 20; seed++)
        {
            var spec = new SetSpecification([new KindCount(kind, 4)], Mistakes: aimed);
            foreach (GeneratedItem made in SetGenerator.Generate(spec, seed).Items)
            {
                foreach (
                    MistakePrediction prediction in made.Predictions.Where(p =>
                        aimed.Contains(p.Mistake)
                    )
                )
                {
                    shown += prediction.Shows ? 1 : 0;
                    all++;
                }
            }
        }
        ((double)shown / all).ShouldBeGreaterThan(0.95);
    }

    [Fact]
    public void The_ready_set_of_reflex_angles_has_reflex_drawings()
    {
        ReadySet ready = ReadySets.All.Single(r => r.Key == "reflex");
        for (int seed = 0; seed < 30; seed++)
        {
            SetGenerator
                .Generate(ready.Specification, seed)
                .Items.Select(i => i.Item)
                .OfType<DrawSpecialItem>()
                .ShouldAllBe(i => i.Wanted == SpecialDrawing.Reflex);
        }
    }
}
