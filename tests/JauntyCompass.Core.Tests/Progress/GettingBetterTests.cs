using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Progress;
using JauntyCompass.Locales;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Progress;

public class GettingBetterTests
{
    private static Mark Of(params (string Step, bool Right)[] steps) =>
        new(
            MarkingRules.Version,
            steps.All(s => s.Right) ? Verdict.Accepted : Verdict.NotYet,
            2,
            null,
            null,
            null,
            [],
            null,
            new Feedback(null, null),
            null,
            [
                .. steps.Select(s => new StepMark(
                    s.Step,
                    Text.Units.AsWritten(s.Step),
                    s.Right ? Verdict.Accepted : Verdict.NotYet,
                    s.Right ? 1 : 0,
                    1
                )),
            ]
        );

    private static Mark[] Readings(int right, int all) =>
        [.. Enumerable.Range(0, all).Select(i => Of(("reading", i < right)))];

    [Fact]
    public void A_step_that_held_more_often_is_told_with_both_counts()
    {
        Mark[] now = Readings(5, 6);
        BetterStep step = GettingBetter.Of(Readings(1, 4), now, now).Steps.ShouldHaveSingleItem();
        step.Title.Said().ShouldBe("reading");
        (step.RightBefore, step.Before, step.RightNow, step.Now).ShouldBe((1, 4, 5, 6));
    }

    [Theory]
    [InlineData(3, 4, 3, 4)] // as before
    [InlineData(4, 4, 2, 4)] // worse
    [InlineData(0, 1, 4, 4)] // asked once before: chance
    [InlineData(1, 4, 1, 1)] // asked once now
    [InlineData(5, 8, 6, 8)] // hardly more
    public void What_is_no_better_or_may_be_chance_is_not_told(
        int rightBefore,
        int before,
        int rightNow,
        int now
    )
    {
        Mark[] marks = Readings(rightNow, now);
        GettingBetter.Of(Readings(rightBefore, before), marks, marks).Steps.ShouldBeEmpty();
    }

    [Fact]
    public void What_was_put_right_is_counted_whatever_was_before()
    {
        Mark[] first = Readings(1, 4);
        Mark[] last = Readings(3, 4);
        GettingBetter better = GettingBetter.Of([], first, last);
        better.PutRight.ShouldBe(2);
        better.Steps.ShouldBeEmpty();
    }

    [Fact]
    public void The_most_gained_stands_first_and_no_more_than_three_are_told()
    {
        string[] steps = ["a", "b", "c", "d"];
        Mark[] before =
        [
            .. Enumerable.Range(0, 4).Select(_ => Of([.. steps.Select(s => (s, false))])),
        ];
        Mark[] now =
        [
            .. Enumerable.Range(0, 4).Select(i => Of([.. steps.Select((s, at) => (s, i <= at))])),
        ];
        GettingBetter
            .Of(before, now, now)
            .Steps.Select(s => s.Title.Said())
            .ShouldBe(["d", "c", "b"]);
    }

    [Fact]
    public void Marks_of_before_there_were_steps_say_nothing()
    {
        Mark old = Of() with { Steps = null };
        GettingBetter.Of([old, old], [old, old], [old, old]).Steps.ShouldBeEmpty();
    }
}
