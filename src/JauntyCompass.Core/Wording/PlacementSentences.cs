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
    public static string Lying(in LaidAngle laid, Phrasing phrasing)
    {
        WhichArm which = laid.Alignment.LinedUpArm;
        Message centre =
            laid.Alignment.CentreOffset <= OnVertex
                ? Text.Instrument.Lying.CentreOn
                : Text.Instrument.Lying.CentreOff(laid.Alignment.CentreOffset, SideOf(laid));
        double off = Math.Abs(laid.Alignment.ZeroLineOff);
        Message line = off switch
        {
            _ when !laid.Alignment.IsLinedUp => Text.Instrument.Lying.LineOnNeither,
            <= OnArm => Text.Instrument.Lying.LineOn(which),
            _ => Text.Instrument.Lying.LineOff(off, AboveOrBelow(laid), which),
        };
        return phrasing.Say(
            laid.Placement.TurnedOver
                ? Text.Instrument.Lying.TurnedOver(centre, line)
                : Text.Instrument.Lying.Both(centre, line)
        );
    }

    /// <summary>
    /// The numbers that stand on an arm, to the nearest degree, scale by scale: <c>outer 117, inner 63</c>. Which one counts is not told.
    /// Null where the arm has no graduations on it.
    /// </summary>
    public static string? Standing(in LaidAngle laid, WhichArm arm, Phrasing phrasing)
    {
        var readings = new List<string>();
        for (int i = 0; i < laid.Protractor.Scales.Count; i++)
        {
            if (laid.Reading(i, arm) is double reading)
            {
                string number = Numbers.Plain(Math.Round(reading, MidpointRounding.AwayFromZero));
                readings.Add($"{phrasing.ScaleName(laid.Protractor, i)} {number}".Trim());
            }
        }
        return readings.Count == 0 ? null : string.Join(", ", readings);
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
