using System.Globalization;

namespace JauntyCompass.Messages;

/// <summary>
/// What a language does with numbers: which form of a word goes with which, and how they are written. The rules are those of the Unicode
/// Common Locale Data Repository, from memory; held against the runtime of the pages in the tests.
/// </summary>
public sealed class LanguageRules
{
    private const int MostDecimals = 3;

    private readonly Func<double, string> _cardinal;
    private readonly Func<double, string> _ordinal;
    private readonly NumberFormatInfo _numbers;

    // A number of fewer digits than this is not grouped.
    private readonly int _groupedFrom;

    // What stands between a number and its sign for percent.
    private readonly string _beforePercent;

    private LanguageRules(
        string language,
        Func<double, string> cardinal,
        Func<double, string> ordinal,
        string point,
        string group,
        int groupedFrom,
        string beforePercent
    )
    {
        (Language, _cardinal, _ordinal, _groupedFrom) = (language, cardinal, ordinal, groupedFrom);
        _beforePercent = beforePercent;
        _numbers = new NumberFormatInfo
        {
            NumberDecimalSeparator = point,
            NumberGroupSeparator = group,
        };
    }

    /// <summary>The language, such as <c>en</c>.</summary>
    public string Language { get; }

    /// <summary>What stands between the whole part of a number and its decimals.</summary>
    public string DecimalSeparator => _numbers.NumberDecimalSeparator;

    /// <summary>English.</summary>
    public static LanguageRules English { get; } =
        new("en", n => n == 1 ? "one" : "other", EnglishOrdinal, ".", ",", groupedFrom: 4, "");

    /// <summary>Spanish as it is written in Spain.</summary>
    public static LanguageRules Spanish { get; } =
        new("es", SpanishCardinal, _ => "other", ",", ".", groupedFrom: 5, "\u00a0");

    /// <summary>The rules of a language, by its tag; those of English where it is not known.</summary>
    /// <param name="tag">Such as <c>es</c> or <c>en-US</c>.</param>
    public static LanguageRules Of(string tag) =>
        tag.Split('-')[0] == Spanish.Language ? Spanish : English;

    /// <summary>The category of a number of things: <c>one</c>, <c>many</c>, <c>other</c>.</summary>
    public string Cardinal(double number) => _cardinal(AsWritten(number));

    /// <summary>The category of a place in a row: of 1st, 2nd, 3rd, 4th.</summary>
    public string Ordinal(double number) => _ordinal(AsWritten(number));

    /// <summary>A number as it is written.</summary>
    public string Write(double number, NumberStyle style = NumberStyle.Decimal)
    {
        (double value, int decimals) = style switch
        {
            NumberStyle.Integer => (number, 0),
            NumberStyle.Percent => (number * 100, 0),
            _ => (number, MostDecimals),
        };
        // Half a unit goes away from zero, of the digits as they are printed and not as they are kept.
        decimal rounded = Math.Round((decimal)value, decimals, MidpointRounding.AwayFromZero);
        bool grouped = Math.Abs(rounded) >= (decimal)Math.Pow(10, _groupedFrom - 1);
        string written = rounded.ToString(grouped ? "#,0.###" : "0.###", _numbers);
        bool vanished = rounded == 0 && double.IsNegative(value);
        return (vanished ? "-" : "")
            + written
            + (style == NumberStyle.Percent ? _beforePercent + "%" : "");
    }

    // What decides is the number as it is read: 1.0001 is written 1.
    private static double AsWritten(double number) =>
        (double)Math.Round((decimal)Math.Abs(number), MostDecimals, MidpointRounding.AwayFromZero);

    private static string EnglishOrdinal(double n)
    {
        if (n != Math.Floor(n))
        {
            return "other";
        }
        double ones = n % 10;
        double tens = n % 100;
        return ones switch
        {
            1 when tens != 11 => "one",
            2 when tens != 12 => "two",
            3 when tens != 13 => "few",
            _ => "other",
        };
    }

    private static string SpanishCardinal(double n) =>
        n == 1 ? "one"
        : n != 0 && n == Math.Floor(n) && n % 1_000_000 == 0 ? "many"
        : "other";
}
