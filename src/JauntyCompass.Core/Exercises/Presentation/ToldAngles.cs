using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Presentation;

/// <summary>Says where things are on a sheet and how far angles open, for those who do not see it.</summary>
public static class ToldAngles
{
    private const double DegreesOfHour = 30;

    // As near to a half hour as this, in degrees, an eye takes it for that, or sees that it is just not. Common practice, no source.
    private const double Exactly = 0.25;
    private const double Nearly = 4;

    /// <summary>How openings are told: said once, before the first.</summary>
    public static Message Unit { get; } = Text.Heard.Unit;

    /// <summary>A place, from the middle of the sheet: <c>22 mm right and 2 mm up</c>.</summary>
    public static Message Place(Point at)
    {
        (double across, double up) = (Tenths(Math.Abs(at.X)), Tenths(Math.Abs(at.Y)));
        Side side = at.X < 0 ? Side.Left : Side.Right;
        Side level = at.Y < 0 ? Side.Below : Side.Above;
        return (across > 0, up > 0) switch
        {
            (true, true) => Text.Sheet.Place.Both(across, side, up, level),
            (true, false) => Text.Sheet.Place.Across(across, side),
            (false, true) => Text.Sheet.Place.Up(up, level),
            _ => Text.Sheet.Place.Middle,
        };
    }

    /// <summary>
    /// How far an angle opens, as an eye takes it: <c>a little less than 3 hours</c>. To the half hour, 15°; no finer.
    /// </summary>
    public static Message Opening(double degrees)
    {
        double halves = Math.Round(degrees / (DegreesOfHour / 2), MidpointRounding.AwayFromZero);
        double hours = halves / 2;
        double off = degrees - hours * DegreesOfHour;
        return Math.Abs(off) switch
        {
            <= Exactly => Text.Heard.Opening.Exactly(hours),
            <= Nearly when off < 0 => Text.Heard.Opening.LessThan(hours),
            <= Nearly => Text.Heard.Opening.MoreThan(hours),
            _ when off < 0 => Text.Heard.Opening.Between(hours - 0.5, hours),
            _ => Text.Heard.Opening.Between(hours, hours + 0.5),
        };
    }

    /// <summary>An angle with letters at its points: where it stands, how its arms run, how far it opens.</summary>
    public static IEnumerable<Message> Named(Angle angle, AngleNames names, OpeningMark mark)
    {
        yield return Text.Heard.Vertex(names.Vertex, Place(angle.Vertex));
        yield return Text.Heard.FirstArm(names.StartRay, angle.StartLength, Turned(angle.Start));
        yield return Text.Heard.OtherArm(names.EndRay, angle.EndLength);
        yield return Opens(angle, names);
        if (Marked(mark, names) is Message marked)
        {
            yield return marked;
        }
    }

    /// <summary>From where to where an angle opens, and how far.</summary>
    public static Message Opens(Angle angle, AngleNames names) =>
        Text.Heard.Opens(
            names.StartRay,
            angle.Opening,
            names.EndRay,
            Opening(angle.Measure.Degrees)
        );

    /// <summary>An angle that has no letters, by what it is called.</summary>
    public static IEnumerable<Message> Called(Message name, Angle angle) =>
        [
            Text.Heard.Angle(name, Place(angle.Vertex)),
            Text.Heard.Arms(angle.StartLength, Turned(angle.Start), angle.EndLength),
            Text.Heard.OpensSo(angle.Opening, Opening(angle.Measure.Degrees)),
        ];

    /// <summary>An angle with letters as a place to lay an instrument at.</summary>
    public static ToldPlace PlaceOf(Angle angle, AngleNames? names) =>
        PlaceOf(angle, NameOf(WhichArm.Start, names), NameOf(WhichArm.End, names));

    /// <summary>What an arm is called: by its letters, or as one of two.</summary>
    public static Message NameOf(WhichArm arm, AngleNames? names) =>
        (arm, names) switch
        {
            (WhichArm.Start, null) => Text.Heard.OneArm,
            (_, null) => Text.Heard.TheOtherArm,
            (WhichArm.Start, _) => Text.Heard.Arm(names.StartRay),
            _ => Text.Heard.Arm(names.EndRay),
        };

    /// <summary>An angle as a place to lay an instrument at, with what its arms are called.</summary>
    public static ToldPlace PlaceOf(Angle angle, Message start, Message end) =>
        new(
            angle.Vertex.Rounded(),
            [
                new ToldRay(start, angle.StartArm.Tip.Rounded()),
                new ToldRay(end, angle.EndArm.Tip.Rounded()),
            ]
        );

    /// <summary>A direction in degrees from level right, to the tenth; a whole turn is none.</summary>
    public static double Turned(Direction direction) => Tenths(direction.Degrees) % 360;

    private static double Tenths(double value) => Math.Round(value, 1);

    private static Message? Marked(OpeningMark mark, AngleNames names) =>
        mark switch
        {
            OpeningMark.Box => Text.Heard.Box,
            OpeningMark.Turn => Text.Heard.Turn(names.StartRay, names.EndRay),
            _ => null,
        };
}
