using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.Clocks;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Clock;

/// <summary>Hands of a clock, and how far they turn.</summary>
public sealed class ClockKind()
    : ExerciseKind<ClockItem, ClockResponse>(
        new KindFacts(
            "clock",
            Text.Kinds.Facts.Clock.Title,
            Text.Kinds.Facts.Clock.Summary,
            [
                MistakeCatalogue.Get<HourHandNotMoved>(),
                MistakeCatalogue.Get<MinutesAsDegrees>(),
                MistakeCatalogue.Get<OtherOpening>(),
            ]
        )
        {
            Difficulty = 4,
            Varieties = Enum.GetValues<ClockQuestion>().Length,
            IsMeasured = false,
        }
    )
{
    private static readonly (int Hour, int Minute)[] Times =
    [
        .. Enumerable
            .Range(0, 12)
            .SelectMany(hour => Enumerable.Range(1, 11).Select(five => (hour, 5 * five))),
    ];

    // So many minutes until the ferry leaves.
    private static readonly int[] Waits = [10, 15, 20, 25, 30, 35, 40, 45, 50, 55];

    /// <inheritdoc/>
    public override Item Propose(ItemPlan plan)
    {
        ClockQuestion question = plan.InTurn(Enum.GetValues<ClockQuestion>());
        // Every other time is one in whole tens of minutes, where half degrees are spared: in every form the same ones.
        int step = plan.Rotation.Item % 2 == 0 ? 10 : 5;
        if (question == ClockQuestion.BetweenHands)
        {
            (int hour, int minute) = plan.Onwards([
                .. Times.Where(t =>
                    t.Minute % 10 == step % 10
                    // Hands that cover each other or make one line show nothing to work out.
                    && ClockFace.Between(t.Hour, t.Minute) is >= 10 and <= 172
                ),
            ]);
            return new ClockItem(
                Text.Kinds.Clock.BetweenHands(ClockFace.Time(hour, minute)),
                question,
                hour,
                minute,
                0
            );
        }
        int minutes = plan.Onwards([.. Waits.Where(m => m % 10 == step % 10)]);
        return new ClockItem(
            question == ClockQuestion.MinuteHand
                ? Text.Kinds.Clock.MinuteHand(minutes)
                : Text.Kinds.Clock.HourHand(minutes),
            question,
            plan.Own.Below(12),
            0,
            minutes
        );
    }

    /// <inheritdoc/>
    protected override ItemView Present(ClockItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            ClockFace.Showing(item.Hour, item.Minute),
            ItemView.UsualWindow,
            [new Ask("answer", AskType.Degrees, Text.Kinds.Clock.Ask) { Most = 4320 }]
        );

    /// <inheritdoc/>
    protected override ToldSheet Tell(ClockItem item, ItemView view)
    {
        int hour = item.Hour == 0 ? 12 : item.Hour;
        return new ToldSheet(
            [
                Text.Heard.Clock.Hands(
                    item.Minute,
                    item.Minute == 0
                        ? Text.Heard.Clock.To(hour)
                        : Text.Heard.Clock.Between(hour, hour % 12 + 1)
                ),
            ],
            [],
            []
        );
    }

    /// <inheritdoc/>
    protected override WorkedExample Work(ClockItem item, HouseRules rules) =>
        ClockHands.Example(
            item.Question switch
            {
                ClockQuestion.MinuteHand => ClockHands.MinuteHand(item.Hour, item.Minutes, rules),
                ClockQuestion.HourHand => ClockHands.HourHand(item.Hour, item.Minutes, rules),
                _ => ClockHands.Between(item.Hour, item.Minute, rules),
            },
            rules
        );

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(ClockItem item, ClockResponse? response) =>
        [
            new NumberStep<ExactDegrees>(
                "answer",
                Text.Kinds.Steps.WorkedOut,
                ExactDegrees.Typed(item.Truth),
                response is null ? null : ExactDegrees.Typed(response.Answer),
                Leads(item),
                Text.Kinds.Clock.Right,
                Text.Kinds.Clock.Look
            ),
        ];

    private static IReadOnlyList<Lead<ExactDegrees>> Leads(ClockItem item) =>
        item.Question == ClockQuestion.BetweenHands
            ?
            [
                new(
                    MistakeInContext.Of<HourHandNotMoved>(),
                    [ExactDegrees.Typed(ClockFace.Smaller(30 * item.Hour, 6 * item.Minute))]
                ),
                new(MistakeInContext.Of<MinutesAsDegrees>(), [ExactDegrees.Typed(item.Truth / 6)]),
                new(
                    MistakeInContext.Of(
                        MistakeCatalogue.Get<OtherOpening>(),
                        Text.Kinds.Clock.LongWay,
                        Text.Kinds.Clock.ShorterWay
                    ),
                    [ExactDegrees.Typed(360 - item.Truth)]
                ),
            ]
            : [new(MistakeInContext.Of<MinutesAsDegrees>(), [new ExactDegrees(item.Minutes)])];

    /// <inheritdoc/>
    protected override ClockResponse Attempt(ClockItem item, Attempt attempt) =>
        new(attempt.Led(Leads(item))?.Degrees ?? item.Truth);
}
