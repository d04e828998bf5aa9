using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Wording;

/// <summary>Says how an instrument lies, for those who do not see it.</summary>
public static class PlacementSentences
{
    // As near as this it lies on it for anybody who is told so: mm and degrees. Common practice, no source.
    private const double OnVertex = 1;
    private const double OnArm = 0.5;

    /// <summary>Centre mark and zero line, without what they show: <c>centre mark on the vertex, zero line 3° above the starting arm</c>.</summary>
    public static Message Lying(in LaidAngle laid) =>
        laid.Placement.TurnedOver
            ? Text.Instrument.Lying.TurnedOver(Centre(laid), Line(laid))
            : Text.Instrument.Lying.Both(Centre(laid), Line(laid));

    /// <summary>Where the centre mark is.</summary>
    internal static Message Centre(in LaidAngle laid) =>
        laid.Alignment.CentreOffset <= OnVertex
            ? Text.Instrument.Lying.CentreOn
            : Text.Instrument.Lying.CentreOff(laid.Alignment.CentreOffset, SideOf(laid));

    /// <summary>Where the zero line is.</summary>
    internal static Message Line(in LaidAngle laid)
    {
        WhichArm which = laid.Alignment.LinedUpArm;
        double off = Math.Abs(laid.Alignment.ZeroLineOff);
        return off switch
        {
            _ when !laid.Alignment.IsLinedUp => Text.Instrument.Lying.LineOnNeither,
            <= OnArm => Text.Instrument.Lying.LineOn(which),
            _ => Text.Instrument.Lying.LineOff(off, AboveOrBelow(laid), which),
        };
    }

    /// <summary>
    /// The numbers that stand on an arm, to the nearest degree, scale by scale: <c>outer 117, inner 63</c>. Which one counts is not told.
    /// Empty where the arm has no graduations on it.
    /// </summary>
    public static IReadOnlyList<Message> Standing(in LaidAngle laid, WhichArm arm)
    {
        var readings = new List<Message>();
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            if (laid.Reading(i, arm) is double reading)
            {
                double number = Math.Round(reading, MidpointRounding.AwayFromZero);
                readings.Add(
                    InstrumentWords.ScaleName(laid.Protractor, i) is Message scale
                        ? Text.Instrument.Standing.OnScale(scale, number)
                        : Text.Instrument.Standing.Only(number)
                );
            }
        }
        return readings;
    }

    private static Side SideOf(in LaidAngle laid)
    {
        double x = laid.Placement.Centre.X - laid.Angle.Vertex.X;
        double y = laid.Placement.Centre.Y - laid.Angle.Vertex.Y;
        return Math.Abs(x) >= Math.Abs(y)
            ? x > 0
                ? Side.Right
                : Side.Left
            : y > 0
                ? Side.Above
                : Side.Below;
    }

    // Which end of the zero line lies along the arm decides whether a turn lifts it or lowers it.
    private static Side AboveOrBelow(in LaidAngle laid)
    {
        Direction arm = laid.Angle[laid.Alignment.LinedUpArm].Direction;
        bool lifted = laid.Alignment.ZeroLineOff * arm.SinCos().Cos >= 0;
        return lifted ? Side.Above : Side.Below;
    }
}
