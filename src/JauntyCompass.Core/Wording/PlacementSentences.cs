using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

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
        Words words = phrasing.Words;
        string centre =
            laid.Alignment.CentreOffset <= OnVertex
                ? $"{words.CentreMark} on the vertex"
                : $"{words.CentreMark} {Numbers.Millimetres(laid.Alignment.CentreOffset)} {Side(laid)} the vertex";
        string arm =
            laid.Alignment.LinedUpArm == WhichArm.Start
                ? $"{words.StartingArm} {words.Arm}"
                : $"other {words.Arm}";
        double off = Math.Abs(laid.Alignment.ZeroLineOff);
        string line = off switch
        {
            _ when !laid.Alignment.IsLinedUp => $"{words.ZeroLine} on neither {words.Arm}",
            <= OnArm => $"{words.ZeroLine} on the {arm}",
            _ => $"{words.ZeroLine} {phrasing.Degrees(off)} {AboveOrBelow(laid)} the {arm}",
        };
        return $"{centre}, {line}{(laid.Placement.TurnedOver ? ", turned over" : "")}";
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

    private static string Side(in LaidAngle laid)
    {
        double x = laid.Placement.Centre.X - laid.Angle.Vertex.X;
        double y = laid.Placement.Centre.Y - laid.Angle.Vertex.Y;
        return Math.Abs(x) >= Math.Abs(y)
            ? x > 0
                ? "right of"
                : "left of"
            : y > 0
                ? "above"
                : "below";
    }

    // Which end of the zero line lies along the arm decides whether a turn lifts it or lowers it.
    private static string AboveOrBelow(in LaidAngle laid)
    {
        Direction arm = laid.Angle[laid.Alignment.LinedUpArm].Direction;
        bool lifted = laid.Alignment.ZeroLineOff * arm.SinCos().Cos >= 0;
        return lifted ? "above" : "below";
    }
}
