using System.Globalization;

namespace JauntyCompass.Core.Wording;

/// <summary>How numbers are written where no language is: in files and names.</summary>
public static class Numbers
{
    /// <summary>Degrees with the degree sign, without needless decimals: <c>64°</c>, <c>45.5°</c>.</summary>
    public static string Degrees(double degrees) => Plain(degrees) + "°";

    /// <summary>A number with at most one decimal, always with a point.</summary>
    public static string Plain(double number)
    {
        double rounded = Math.Round(number, 1, MidpointRounding.AwayFromZero);
        return (rounded == 0 ? 0 : rounded).ToString("0.#", CultureInfo.InvariantCulture);
    }

    /// <summary>Millimetres with one decimal: <c>3.2 mm</c>.</summary>
    public static string Millimetres(double millimetres) => Plain(millimetres) + " mm";
}
