using System.Globalization;

namespace JauntyCompass.Messages;

/// <summary>What a language does with numbers: which form of a word goes with which, and how they are written.</summary>
public sealed class LanguageRules
{
    private const int MostDecimals = 3;
    private const string Other = "other";

    private readonly (string Category, PluralRule Rule)[] _cardinal;
    private readonly (string Category, PluralRule Rule)[] _ordinal;
    private readonly NumberFormatInfo _numbers;

    // A number of fewer digits than this is not grouped.
    private readonly int _groupedFrom;

    // What stands between a number and its sign for percent.
    private readonly string _beforePercent;

    /// <summary>Reads the rules of a language.</summary>
    /// <param name="language">Its tag, such as <c>en</c>.</param>
    /// <param name="about">
    /// By name: <c>decimal</c> and <c>group</c>, what stands within numbers; <c>grouped-from</c>, the least digits of a number that is
    /// grouped; <c>before-percent</c>; <c>plural.one</c>, <c>ordinal.few</c> and so on, a plural rule for each form but
    /// <c>other</c>. What is left out is as in English, without forms.
    /// </param>
    /// <exception cref="FormatException">One cannot be read.</exception>
    public LanguageRules(string language, IReadOnlyDictionary<string, string> about)
    {
        Language = language;
        _cardinal = Rules(about, "plural.");
        _ordinal = Rules(about, "ordinal.");
        _groupedFrom = int.Parse(
            about.GetValueOrDefault("grouped-from", "4"),
            CultureInfo.InvariantCulture
        );
        _beforePercent = about.GetValueOrDefault("before-percent", "");
        _numbers = new NumberFormatInfo
        {
            NumberDecimalSeparator = about.GetValueOrDefault("decimal", "."),
            NumberGroupSeparator = about.GetValueOrDefault("group", ","),
        };
    }

    /// <summary>The language, such as <c>en</c>.</summary>
    public string Language { get; }

    /// <summary>What stands between the whole part of a number and its decimals.</summary>
    public string DecimalSeparator => _numbers.NumberDecimalSeparator;

    private static (string, PluralRule)[] Rules(
        IReadOnlyDictionary<string, string> about,
        string prefix
    ) =>
        [
            .. about
                .Where(a => a.Key.StartsWith(prefix, StringComparison.Ordinal))
                .Select(a => (a.Key[prefix.Length..], PluralRule.Parse(a.Value))),
        ];

    /// <summary>The category of a number of things: <c>one</c>, <c>many</c>, <c>other</c>.</summary>
    public string Cardinal(double number) => CategoryIn(_cardinal, number);

    /// <summary>The category of a place in a row: of 1st, 2nd, 3rd, 4th.</summary>
    public string Ordinal(double number) => CategoryIn(_ordinal, number);

    private static string CategoryIn((string Category, PluralRule Rule)[] rules, double number)
    {
        // What decides is the number as it is read: 1.0001 is written 1.
        decimal written = AsWritten(number);
        foreach ((string category, PluralRule rule) in rules)
        {
            if (rule.Holds(written))
            {
                return category;
            }
        }
        return Other;
    }

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

    private static decimal AsWritten(double number)
    {
        decimal rounded = Math.Round(
            (decimal)Math.Abs(number),
            MostDecimals,
            MidpointRounding.AwayFromZero
        );
        // Without the zeros at its end, which nobody writes.
        return rounded / 1.0000000000000000000000000000m;
    }
}
