using System.Globalization;
using System.Numerics;
using Fractions;

namespace JauntyCompass.Core.Algebra;

/// <summary>Exact numbers as people write them: 40, 7½, 14⅓, 31 5/11, −3.</summary>
public static class ExactNumber
{
    /// <summary>The fractions that have a character of their own.</summary>
    internal static IReadOnlyDictionary<char, Fraction> VulgarFractions { get; } =
        new Dictionary<char, Fraction>
        {
            ['½'] = new(1, 2),
            ['⅓'] = new(1, 3),
            ['⅔'] = new(2, 3),
            ['¼'] = new(1, 4),
            ['¾'] = new(3, 4),
            ['⅕'] = new(1, 5),
            ['⅖'] = new(2, 5),
            ['⅗'] = new(3, 5),
            ['⅘'] = new(4, 5),
            ['⅙'] = new(1, 6),
            ['⅚'] = new(5, 6),
            ['⅐'] = new(1, 7),
            ['⅛'] = new(1, 8),
            ['⅜'] = new(3, 8),
            ['⅝'] = new(5, 8),
            ['⅞'] = new(7, 8),
            ['⅑'] = new(1, 9),
            ['⅒'] = new(1, 10),
        };

    private static readonly Dictionary<Fraction, char> Characters = VulgarFractions.ToDictionary(
        v => v.Value,
        v => v.Key
    );

    // The number as it was typed is meant, not the binary fraction nearest to it; digits beyond the ninth decimal are rounded.
    private const int Decimals = 9;
    private const double Most = 1_000_000;

    /// <summary>A number as somebody types it: 47.1 is meant, not the binary fraction nearest to it.</summary>
    /// <param name="number">−1,000,000 to 1,000,000; digits beyond the ninth decimal are rounded.</param>
    /// <exception cref="ArgumentOutOfRangeException">It is larger, or no number.</exception>
    public static Fraction Typed(double number) =>
        Math.Abs(number) <= Most
            ? Fraction.FromDecimal(Math.Round((decimal)number, Decimals))
            : throw new ArgumentOutOfRangeException(nameof(number));

    /// <summary>Whether it goes on for ever as a decimal, as a third does.</summary>
    public static bool Repeats(Fraction number)
    {
        BigInteger below = number.Denominator;
        foreach (int factor in (int[])[2, 5])
        {
            while (below % factor == 0)
            {
                below /= factor;
            }
        }
        return !below.IsOne;
    }

    // So many decimals a number is written with.
    private const int Thousand = 1000;

    /// <summary>Whether it is written as a decimal: it ends within three, and no fraction of one character says it.</summary>
    public static bool IsDecimal(Fraction number) =>
        !number.Denominator.IsOne
        && (number * Thousand).Denominator.IsOne
        && Vulgar(Rest(number)) is null;

    // What is left beside the whole, without a sign.
    private static Fraction Rest(Fraction number) =>
        new Fraction(number.Numerator % number.Denominator, number.Denominator).Abs();

    /// <summary>The character of a fraction; null where it has none.</summary>
    internal static char? Vulgar(Fraction fraction) =>
        Characters.TryGetValue(fraction, out char character) ? character : null;

    /// <summary>As a whole number with its fraction beside it.</summary>
    public static string Write(Fraction number)
    {
        string sign = number.IsNegative ? "−" : "";
        Fraction size = number.Abs();
        BigInteger whole = BigInteger.Divide(size.Numerator, size.Denominator);
        Fraction rest = Rest(number);
        if (rest.IsZero)
        {
            return sign + whole.ToString(CultureInfo.InvariantCulture);
        }
        string ahead = whole.IsZero ? "" : whole.ToString(CultureInfo.InvariantCulture);
        return Vulgar(rest) is char character
            ? $"{sign}{ahead}{character}"
            : $"{sign}{ahead}{(ahead == "" ? "" : " ")}{rest.Numerator}/{rest.Denominator}";
    }
}
