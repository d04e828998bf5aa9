using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Simulation;

namespace JauntyCompass.Core.Exercises.Kinds.Clock;

/// <summary>Hands of a clock, and how far they turn.</summary>
public sealed class ClockKind()
    : ExerciseKind<ClockItem, ClockResponse>(
        new KindFacts(
            "clock",
            "Hands of a clock",
            "Work out the angle between the hands, or how far a hand turns.",
            MistakeCatalogue.Of("hour-hand-not-moved", "minutes-as-degrees", "other-opening")
        )
        {
            Difficulty = 4,
            IsMeasured = false,
        }
    )
{
    private const double Rim = 62;
    private const double HourHandLength = 34;
    private const double MinuteHandLength = 52;

    /// <inheritdoc/>
    public override Item Make(ItemPlan plan)
    {
        SeededRandom random = plan.Random;
        ClockQuestion question = (ClockQuestion)random.Below(3);
        int hour = random.Below(12);
        int minute = 5 * random.Between(1, 11);
        int minutes = 5 * random.Between(2, 11);
        if (question == ClockQuestion.BetweenHands)
        {
            // Hands that cover each other or make one line show nothing to work out.
            while (
                ClockItem.Smaller(
                    ClockItem.HourHandAt(hour, minute),
                    ClockItem.MinuteHandAt(minute)
                )
                    is < 10
                        or > 172
            )
            {
                hour = random.Below(12);
                minute = 5 * random.Between(1, 11);
            }
            return new ClockItem(
                $"The harbour clock shows {Time(hour, minute)}. How large is the smaller angle between its hands?",
                question,
                hour,
                minute,
                0
            );
        }
        string hand = question == ClockQuestion.MinuteHand ? "minute" : "hour";
        return new ClockItem(
            $"The ferry leaves in {minutes} minutes. How far does the {hand} hand of the harbour clock turn until then?",
            question,
            hour,
            0,
            minutes
        );
    }

    private static string Time(int hour, int minute) =>
        string.Create(CultureInfo.InvariantCulture, $"{(hour == 0 ? 12 : hour)}:{minute:00}");

    /// <inheritdoc/>
    protected override ItemView Present(ClockItem item, HouseRules rules) =>
        new(
            Key,
            item.Prompt,
            Face(item),
            ItemView.UsualWindow,
            [new Ask("answer", AskType.Degrees, "That is, in degrees") { Most = 4320 }]
        );

    private static SheetState Face(ClockItem item)
    {
        var lines = new List<DrawnLine>();
        for (int minute = 0; minute < 60; minute++)
        {
            Direction outward = Clockwise(6 * minute);
            double from = minute % 5 == 0 ? Rim - 6 : Rim - 2.5;
            lines.Add(
                new DrawnLine(
                    $"mark-{minute}",
                    default(Point).Towards(outward, from),
                    default(Point).Towards(outward, Rim)
                )
            );
        }
        lines.Add(Hand("hour", ClockItem.HourHandAt(item.Hour, item.Minute), HourHandLength));
        lines.Add(Hand("minute", ClockItem.MinuteHandAt(item.Minute), MinuteHandLength));
        return new SheetState
        {
            Lines = lines,
            Notes =
            [
                .. Enumerable
                    .Range(1, 12)
                    .Select(h => new Written(
                        $"hour-{h}",
                        h.ToString(CultureInfo.InvariantCulture),
                        default(Point).Towards(Clockwise(30 * h), Rim + 8)
                    )),
            ],
            Dots = [new DrawnDot("pin", default)],
        };
    }

    private static DrawnLine Hand(string id, double clockwise, double length) =>
        new(id, default, default(Point).Towards(Clockwise(clockwise), length), Arrow: true);

    private static Direction Clockwise(double degrees) => new(Direction.Reduce(90 - degrees));

    /// <inheritdoc/>
    protected override WorkedExample? Work(ClockItem item, HouseRules rules) => null;

    /// <inheritdoc/>
    protected override IReadOnlyList<AnsweredStep> Steps(ClockItem item, ClockResponse? response) =>
        [
            new NumberStep(
                "answer",
                "Worked out",
                item.Truth,
                response?.Answer,
                Slips(item),
                "That is how far it is round.",
                "Once round is 360 degrees, and the clock has twelve hours and sixty minutes."
            ),
        ];

    private static IReadOnlyList<ArithmeticSlip> Slips(ClockItem item)
    {
        double[] handLeft =
            item.Question == ClockQuestion.BetweenHands
                ? [ClockItem.Smaller(30 * item.Hour, 6 * item.Minute)]
                : [];
        double[] asDegrees =
            item.Question == ClockQuestion.BetweenHands ? [item.Truth / 6] : [item.Minutes];
        double[] other = item.Question == ClockQuestion.BetweenHands ? [360 - item.Truth] : [];
        return
        [
            .. new ArithmeticSlip[]
            {
                new(MistakeCatalogue.Find("hour-hand-not-moved")!, handLeft),
                new(MistakeCatalogue.Find("minutes-as-degrees")!, asDegrees),
                new(MistakeCatalogue.Find("other-opening")!, other),
            }.Where(s => s.Answers.Count > 0),
        ];
    }

    /// <inheritdoc/>
    protected override ClockResponse Attempt(ClockItem item, Attempt attempt)
    {
        ArithmeticSlip? slip = Slips(item).FirstOrDefault(s => attempt.Shows(s.Mistake.Key));
        return new ClockResponse(slip?.Answers[0] ?? item.Truth);
    }
}
