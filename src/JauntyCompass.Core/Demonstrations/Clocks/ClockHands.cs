using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Clocks;

/// <summary>How far the hands of a clock stand apart, or turn: from the whole turn to a minute, and from there to any time.</summary>
public sealed class ClockHands()
    : Demonstration(
        new DemonstrationFacts(
            "clock",
            DemonstrationGroup.Measuring,
            "Hands of a clock",
            "A whole turn, shared among hours and minutes, tells where both hands stand."
        )
        {
            LeastMeasure = 0,
            MostMeasure = 360,
        }
    )
{
    private const string Id = "turn";
    private const int UsualHour = 4;
    private const int UsualMinute = 40;

    /// <inheritdoc/>
    public override Script Build(DemonstrationTask task) =>
        // It is about the clock, not about the angle of the task.
        Between(UsualHour, UsualMinute, task.Rules) with
        {
            Answer = null,
        };

    /// <summary>Such a script as an example of how an item is worked.</summary>
    internal static WorkedExample Example(Script own, HouseRules rules) =>
        WorkedExample.Of(DemonstrationCatalogue.Find("clock")!, own, rules);

    /// <summary>The smaller angle between the hands at a time.</summary>
    internal static Script Between(int hour, int minute, HouseRules rules)
    {
        Storyboard board = Begin(
            hour,
            minute,
            rules,
            "How large is the smaller angle between its hands?"
        );
        Phrasing phrasing = board.Phrasing;
        double minuteHand = ClockFace.MinuteHandAt(minute);
        double hourHand = ClockFace.HourHandAt(hour, minute);
        AMinute(board);
        Mark(board, 0, minuteHand, phrasing);
        board.Step(
            "minute-hand",
            "Minute hand",
            $"{Numbers.Plain(minute)} minutes past: the long hand stands {Numbers.Plain(minute)} × {phrasing.Degrees(6)} = {phrasing.Degrees(minuteHand)} from twelve.",
            Question.Open("How far from twelve is the long hand?")
        );
        AnHour(board, hour);
        Mark(board, 0, hourHand, phrasing);
        board.Step(
            "hour-hand",
            "Hour hand",
            $"{Numbers.Plain(hour)} hours and {Numbers.Plain(minute)} minutes: {Numbers.Plain(hour)} × {phrasing.Degrees(30)} + {Numbers.Plain(minute)} × {phrasing.Degrees(0.5)} = {phrasing.Degrees(hourHand)} from twelve.",
            Question.Open("How far from twelve is the short hand?")
        );
        double apart = Math.Abs(minuteHand - hourHand);
        double answer = ClockFace.Between(hour, minute);
        string difference =
            $"{phrasing.Degrees(Math.Max(minuteHand, hourHand))} − {phrasing.Degrees(Math.Min(minuteHand, hourHand))} = {phrasing.Degrees(apart)}";
        MarkBetween(board, minuteHand, hourHand, answer, phrasing);
        board.Step(
            "difference",
            "Between them",
            apart <= 180
                ? $"So they stand {difference} apart."
                : $"{difference} is the larger opening; the smaller one is {phrasing.Degrees(360)} − {phrasing.Degrees(apart)} = {phrasing.Degrees(answer)}.",
            Question.Open("How far apart are they?")
        );
        return board.Script("clock", ClockFace.Time(hour, minute), answer);
    }

    /// <summary>How far the minute hand turns in some minutes.</summary>
    internal static Script MinuteHand(int hour, int minutes, HouseRules rules)
    {
        Storyboard board = Begin(
            hour,
            0,
            rules,
            $"How far does the minute hand turn in {Numbers.Plain(minutes)} minutes?"
        );
        AMinute(board);
        return Turned(board, 0, 6, minutes, hour);
    }

    /// <summary>How far the hour hand turns in some minutes.</summary>
    internal static Script HourHand(int hour, int minutes, HouseRules rules)
    {
        Storyboard board = Begin(
            hour,
            0,
            rules,
            $"How far does the hour hand turn in {Numbers.Plain(minutes)} minutes?"
        );
        AnHour(board, hour);
        return Turned(board, ClockFace.HourHandAt(hour, 0), 0.5, minutes, hour);
    }

    private static Storyboard Begin(int hour, int minute, HouseRules rules, string asks)
    {
        var board = new Storyboard(rules) { Sheet = ClockFace.Showing(hour, minute) };
        board.Step("clock", "The clock", $"The clock shows {ClockFace.Time(hour, minute)}. {asks}");
        return board;
    }

    private static void AMinute(Storyboard board) =>
        board.Step(
            "a-minute",
            "A minute",
            $"Once round is {board.Phrasing.Degrees(360)} and takes the long hand sixty minutes: {board.Phrasing.Degrees(6)} a minute.",
            new Question(
                "How far does the long hand turn in one minute?",
                [board.Phrasing.Degrees(1), board.Phrasing.Degrees(6), board.Phrasing.Degrees(30)],
                1
            )
        );

    private static void AnHour(Storyboard board, int hour) =>
        board.Step(
            "an-hour",
            "An hour",
            $"The short hand goes from one number to the next in an hour: {board.Phrasing.Degrees(360)} ÷ 12 = {board.Phrasing.Degrees(30)}, and so {board.Phrasing.Degrees(0.5)} a minute. It never waits on its number.",
            Question.YesOrNo(
                $"Does the short hand stay on {Numbers.Plain(hour == 0 ? 12 : hour)} until the next hour?",
                yes: false
            )
        );

    private static Script Turned(
        Storyboard board,
        double from,
        double aMinute,
        int minutes,
        int hour
    )
    {
        Phrasing phrasing = board.Phrasing;
        double turn = aMinute * minutes;
        SheetState later = ClockFace.Showing(hour + minutes / 60, minutes % 60);
        board.Sheet = later;
        Mark(board, from, turn, phrasing);
        board.Step(
            "turn",
            "The turn",
            $"{Numbers.Plain(minutes)} minutes later: {Numbers.Plain(minutes)} × {phrasing.Degrees(aMinute)} = {phrasing.Degrees(turn)}.",
            Question.Open("How far has it turned?")
        );
        return board.Script("clock", $"{Numbers.Plain(minutes)} minutes", turn);
    }

    // An arc with an arrow, clockwise as hands go, from so many degrees past twelve.
    private static void Mark(Storyboard board, double from, double turn, Phrasing phrasing) =>
        board.Put(
            new Figure(
                Id,
                new Angle(
                    default,
                    ClockFace.Clockwise(from),
                    new Measure(turn),
                    TurnDirection.Clockwise,
                    ClockFace.HourHandLength,
                    ClockFace.HourHandLength
                )
            )
            {
                Mark = OpeningMark.Turn,
                Written = phrasing.Degrees(turn),
            }
        );

    private static void MarkBetween(
        Storyboard board,
        double minuteHand,
        double hourHand,
        double answer,
        Phrasing phrasing
    )
    {
        double clockwise = Direction.Reduce(hourHand - minuteHand);
        board.Put(
            new Figure(
                Id,
                new Angle(
                    default,
                    ClockFace.Clockwise(minuteHand),
                    new Measure(answer),
                    clockwise <= 180 ? TurnDirection.Clockwise : TurnDirection.Anticlockwise,
                    ClockFace.MinuteHandLength,
                    ClockFace.HourHandLength
                )
            )
            {
                Written = phrasing.Degrees(answer),
            }
        );
    }
}
