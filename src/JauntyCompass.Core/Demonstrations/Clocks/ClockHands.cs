using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Clocks;

/// <summary>How far the hands of a clock stand apart, or turn: from the whole turn to a minute, and from there to any time.</summary>
public sealed class ClockHands()
    : Demonstration(
        new DemonstrationFacts(
            "clock",
            DemonstrationGroup.Measuring,
            Text.Demonstrations.Clock.Title,
            Text.Demonstrations.Clock.Summary
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
            Text.Demonstrations.Clock.ShowsBetween(ClockFace.Time(hour, minute))
        );
        double minuteHand = ClockFace.MinuteHandAt(minute);
        double hourHand = ClockFace.HourHandAt(hour, minute);
        AMinute(board);
        Mark(board, 0, minuteHand);
        board.Step(
            "minute-hand",
            Text.Demonstrations.Labels.MinuteHand,
            Text.Demonstrations.Clock.MinuteHand(minute, 6, minuteHand),
            Question.Open(Text.Demonstrations.Clock.MinuteHandQuestion)
        );
        AnHour(board, hour);
        Mark(board, 0, hourHand);
        board.Step(
            "hour-hand",
            Text.Demonstrations.Labels.HourHand,
            Text.Demonstrations.Clock.HourHand(hour, minute, 30, 0.5, hourHand),
            Question.Open(Text.Demonstrations.Clock.HourHandQuestion)
        );
        double apart = Math.Abs(minuteHand - hourHand);
        double answer = ClockFace.Between(hour, minute);
        (double larger, double smaller) = (
            Math.Max(minuteHand, hourHand),
            Math.Min(minuteHand, hourHand)
        );
        MarkBetween(board, minuteHand, hourHand, answer);
        board.Step(
            "difference",
            Text.Demonstrations.Labels.Between,
            apart <= 180
                ? Text.Demonstrations.Clock.Apart(larger, smaller, apart)
                : Text.Demonstrations.Clock.ApartLarger(larger, smaller, apart, 360, answer),
            Question.Open(Text.Demonstrations.Clock.ApartQuestion)
        );
        return board.Script("clock", Text.Units.AsWritten(ClockFace.Time(hour, minute)), answer);
    }

    /// <summary>How far the minute hand turns in some minutes.</summary>
    internal static Script MinuteHand(int hour, int minutes, HouseRules rules)
    {
        Storyboard board = Begin(
            hour,
            0,
            rules,
            Text.Demonstrations.Clock.ShowsMinuteHand(ClockFace.Time(hour, 0), minutes)
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
            Text.Demonstrations.Clock.ShowsHourHand(ClockFace.Time(hour, 0), minutes)
        );
        AnHour(board, hour);
        return Turned(board, ClockFace.HourHandAt(hour, 0), 0.5, minutes, hour);
    }

    private static Storyboard Begin(int hour, int minute, HouseRules rules, Message asks)
    {
        var board = new Storyboard(rules) { Sheet = ClockFace.Showing(hour, minute) };
        board.Step("clock", Text.Demonstrations.Labels.Clock, asks);
        return board;
    }

    private static void AMinute(Storyboard board) =>
        board.Step(
            "a-minute",
            Text.Demonstrations.Labels.AMinute,
            Text.Demonstrations.Clock.AMinute(360, 6),
            new Question(
                Text.Demonstrations.Clock.AMinuteQuestion,
                [Text.Units.Degrees(1), Text.Units.Degrees(6), Text.Units.Degrees(30)],
                1
            )
        );

    private static void AnHour(Storyboard board, int hour) =>
        board.Step(
            "an-hour",
            Text.Demonstrations.Labels.AnHour,
            Text.Demonstrations.Clock.AnHour(360, 30, 0.5),
            Question.YesOrNo(
                Text.Demonstrations.Clock.AnHourQuestion(hour == 0 ? 12 : hour),
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
        double turn = aMinute * minutes;
        SheetState later = ClockFace.Showing(hour + minutes / 60, minutes % 60);
        board.Sheet = later;
        Mark(board, from, turn);
        board.Step(
            "turn",
            Text.Demonstrations.Labels.TheTurn,
            Text.Demonstrations.Clock.Later(minutes, aMinute, turn),
            Question.Open(Text.Demonstrations.Clock.LaterQuestion)
        );
        return board.Script("clock", Text.Demonstrations.Clock.Minutes(minutes), turn);
    }

    // An arc with an arrow, clockwise as hands go, from so many degrees past twelve.
    private static void Mark(Storyboard board, double from, double turn) =>
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
                Written = Text.Units.Degrees(turn),
            }
        );

    private static void MarkBetween(
        Storyboard board,
        double minuteHand,
        double hourHand,
        double answer
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
                Written = Text.Units.Degrees(answer),
            }
        );
    }
}
