using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Demonstrations.Measuring;

/// <summary>A count as a teacher says it aloud.</summary>
internal static class Counting
{
    // Nearer to a graduation than this, in degrees, an arm lies on it; nearer to the middle, between two.
    private const double OnGraduation = 0.05;
    private const double ClearlyNearer = 0.45;

    /// <summary>The count along the scale in use to the other arm: <c>ten, twenty … sixty, and four more</c>.</summary>
    internal static string Said(StandardPlacement laying, Phrasing phrasing) =>
        laying.Protractor.SmallestGraduation switch
        {
            > 10 => Creases(laying, phrasing),
            > 1 => Said(laying.Reading) + Coarse(laying, phrasing),
            _ => Said(laying.Reading),
        };

    /// <summary>The count to a reading on a scale with a graduation for every degree.</summary>
    internal static string Said(double reading)
    {
        int nearest = (int)Math.Round(reading, MidpointRounding.AwayFromZero);
        int ten = nearest / 10 * 10;
        int ones = nearest % 10;
        string tens = ten switch
        {
            0 => "zero",
            10 => "zero, ten",
            20 => "ten, twenty",
            _ => $"ten, twenty … {Numbers.SaidTen(ten)}",
        };
        string rest = ones switch
        {
            0 => "",
            5 => ", and five more",
            > 5 => $", five, and {Numbers.SaidUnit(ones - 5)} more",
            _ => $", and {Numbers.SaidUnit(ones)} more",
        };
        return tens + rest + Between(reading - nearest);
    }

    private static string Between(double past) =>
        Math.Abs(past) < OnGraduation ? ""
        : Math.Abs(past) < ClearlyNearer
            ? $". The arm lies a little {(past > 0 ? "past" : "before")} that graduation; we take the nearest"
        : ". The arm lies between two graduations; either may be written";

    private static string Coarse(StandardPlacement laying, Phrasing phrasing) =>
        laying.Rounded % laying.Protractor.SmallestGraduation == 0
            ? ""
            : $". The marks stand {phrasing.Degrees(laying.Protractor.SmallestGraduation)} apart; what lies between is judged";

    private static string Creases(StandardPlacement laying, Phrasing phrasing)
    {
        double part = laying.Protractor.SmallestGraduation;
        int whole = (int)((laying.Reading + OnGraduation) / part);
        if (whole == 0)
        {
            return $"it is less than one part of {phrasing.Degrees(part)}, and we judge how much of it: about {phrasing.Degrees(laying.Rounded)}";
        }
        string parts = whole == 1 ? "one part" : $"{Numbers.SaidUnit(whole)} parts";
        return $"{parts} of {phrasing.Degrees(part)} each make {phrasing.Degrees(whole * part)}, and the rest is judged: about {phrasing.Degrees(laying.Rounded)}";
    }
}
