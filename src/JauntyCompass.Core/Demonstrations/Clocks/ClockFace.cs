using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Clocks;

/// <summary>A clock: where its hands stand (30° an hour, 6° and 0.5° a minute) and how it looks.</summary>
public static class ClockFace
{
    /// <summary>From the pin to the rim, in mm.</summary>
    internal const double Rim = 62;

    /// <summary>Length of the hour hand, in mm.</summary>
    internal const double HourHandLength = 34;

    /// <summary>Length of the minute hand, in mm.</summary>
    internal const double MinuteHandLength = 52;

    /// <summary>Direction of the hour hand, degrees clockwise from twelve: 30° an hour and 0.5° a minute.</summary>
    public static double HourHandAt(int hour, double minute) => 30 * hour + 0.5 * minute;

    /// <summary>Direction of the minute hand, degrees clockwise from twelve: 6° a minute.</summary>
    public static double MinuteHandAt(double minute) => 6 * minute;

    /// <summary>The smaller angle between the hands, in degrees.</summary>
    public static double Between(int hour, double minute) =>
        Smaller(HourHandAt(hour, minute), MinuteHandAt(minute));

    /// <summary>The smaller angle between two directions, in degrees.</summary>
    internal static double Smaller(double one, double other)
    {
        double apart = Math.Abs(one - other) % 360;
        return Math.Min(apart, 360 - apart);
    }

    /// <summary>A time as a clock tells it: <c>12:05</c>.</summary>
    internal static string Time(int hour, int minute) =>
        string.Create(CultureInfo.InvariantCulture, $"{(hour == 0 ? 12 : hour)}:{minute:00}");

    /// <summary>A direction given in degrees clockwise from twelve.</summary>
    internal static Direction Clockwise(double degrees) => new(Direction.Reduce(90 - degrees));

    /// <summary>The clock at a time.</summary>
    public static SheetState Showing(int hour, double minute)
    {
        var lines = new List<DrawnLine>();
        for (int mark = 0; mark < 60; mark++)
        {
            Direction outward = Clockwise(6 * mark);
            double from = mark % 5 == 0 ? Rim - 6 : Rim - 2.5;
            lines.Add(
                new DrawnLine(
                    $"mark-{mark}",
                    default(Point).Towards(outward, from),
                    default(Point).Towards(outward, Rim)
                )
            );
        }
        lines.Add(Hand("hour", HourHandAt(hour, minute), HourHandLength));
        lines.Add(Hand("minute", MinuteHandAt(minute), MinuteHandLength));
        return new SheetState
        {
            Lines = lines,
            Notes =
            [
                .. Enumerable
                    .Range(1, 12)
                    .Select(h => new Written(
                        $"hour-{h}",
                        Text.Units.AsWritten(h.ToString(CultureInfo.InvariantCulture)),
                        default(Point).Towards(Clockwise(30 * h), Rim + 8)
                    )),
            ],
            Dots = [new DrawnDot("pin", default)],
        };
    }

    private static DrawnLine Hand(string id, double clockwise, double length) =>
        new(id, default, default(Point).Towards(Clockwise(clockwise), length), Arrow: true);
}
