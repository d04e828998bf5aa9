using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Clocks;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Kinds.Clock;
using JauntyCompass.Core.Exercises.Kinds.Outline;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Demonstrations;

/// <summary>The clock and the outlines, shown as they are worked: on the very item, not on one like it.</summary>
public class ClocksAndOutlinesTests
{
    private static Script Worked(Item item) =>
        ExerciseKinds.Of(item).Work(item, HouseRules.Usual)!.Script;

    // Hands of a clock: |30h − 5.5m|, or what is left of 360 (6° and 0.5° a minute, as published clock problems have it).
    [Fact]
    public void At_every_time_the_clock_arrives_at_the_published_formula()
    {
        for (int hour = 0; hour < 12; hour++)
        {
            for (int minute = 1; minute < 60; minute++)
            {
                double apart = Math.Abs(30 * hour - 5.5 * minute);
                double smaller = Math.Min(apart, 360 - apart);
                if (smaller == 0)
                {
                    continue;
                }
                var item = new ClockItem(Any.Prompt, ClockQuestion.BetweenHands, hour, minute, 0);
                Script script = Worked(item);
                script.Answer!.Value.ShouldBe(smaller, 1e-9);
                script.Steps[^1].Caption.Said().ShouldContain(Numbers.Degrees(smaller));
                Figure marked = script.Steps[^1].State.Figures.ShouldHaveSingleItem();
                marked.Angle.Measure.Degrees.ShouldBe(smaller, 1e-9);
                // What is marked lies between the hands as they are drawn.
                SheetState face = ClockFace.Showing(hour, minute);
                DrawnLine hand = face.Lines.Single(l => l.Id == "hour");
                Core.Angles.Direction.Between(hand.From, hand.To)
                    .ShorterTurnTo(marked.Angle.End)
                    .ShouldBe(0, 1e-6);
            }
        }
    }

    [Theory]
    [InlineData(ClockQuestion.MinuteHand, 25, 150)]
    [InlineData(ClockQuestion.MinuteHand, 55, 330)]
    [InlineData(ClockQuestion.HourHand, 25, 12.5)]
    public void A_turning_hand_ends_where_its_minutes_take_it(
        ClockQuestion question,
        int minutes,
        double turn
    )
    {
        Script script = Worked(new ClockItem(Any.Prompt, question, 7, 0, minutes));
        script.Answer.ShouldBe(turn);
        script.Steps[^1].Caption.Said().ShouldEndWith($"= {Numbers.Degrees(turn)}.");
    }

    [Fact]
    public void Round_an_outline_every_corner_is_numbered_once_and_the_counts_are_the_key()
    {
        for (int seed = 0; seed < 40; seed++)
        {
            var spec = new SetSpecification([new KindCount("outline", 1)]);
            var item = (OutlineItem)SetGenerator.Generate(spec, seed).Items[0].Item;
            var meant = item.Shapes.First(item.Riddle.Fits);
            Script script = Worked(item);
            int numbered = script.Steps.Sum(s => s.State.Notes.Count);
            numbered.ShouldBe(meant.Angles.Count, meant.Name.Said());
            string counted = item.Counted.ToString().ToLowerInvariant();
            script
                .Steps.Single(s => s.Key == counted)
                .State.Notes.Count.ShouldBe(meant.Count(item.Counted));
            script.Steps[^1].Caption.Said().ShouldContain(meant.Name.Said());
        }
    }

    [Fact]
    public void They_stand_in_the_list_of_the_board_and_open_without_an_item()
    {
        foreach (string key in (string[])["clock", "outlines"])
        {
            Demonstration shown = DemonstrationCatalogue.Find(key)!;
            var example = new DemonstrationTask(
                new(default, default, new(64), default, 90, 90),
                shown.Facts.UsualInstrument,
                new("K", "L", "M"),
                HouseRules.Usual
            );
            shown.Build(example).Steps.Count.ShouldBeGreaterThan(3);
        }
    }

    [Fact]
    public void Every_kind_can_show_how_it_is_worked()
    {
        foreach (ExerciseKind kind in ExerciseKinds.All)
        {
            var spec = new SetSpecification([new KindCount(kind.Key, 1)]);
            Item item = SetGenerator.Generate(spec, 3).Items[0].Item;
            kind.Work(item, HouseRules.Usual).ShouldNotBeNull(kind.Key);
        }
    }
}
