using System.Text;

namespace JauntyCompass.Messages.Tests;

/// <summary>Patterns made at random, with everything of the syntax that is read, and values for their arguments.</summary>
internal sealed class Patterns(int seed)
{
    private static readonly string[] Texts =
    [
        "a",
        " und ",
        "ángulo",
        "’",
        "''",
        "it''s",
        "'",
        "l'arc",
        "'{'",
        "'{braces}'",
        "'}'",
        "'<'",
        "<b>",
        "<",
        ">",
        "|",
        "#",
        "'#'",
        "°",
        "½ ",
        "\n",
        "\t",
        "¿",
        "日本",
        "\U0001F4D0",
        ".",
        ",",
        "  ",
        "=",
        "-",
        "\"",
        "\\",
        "other",
    ];

    private static readonly string[] Names = ["n", "m", "who", "kind", "the_arm", "first2", "A"];
    private static readonly string[] Words = ["acute", "right", "obtuse", "other", "f", "x-y"];

    private static readonly double[] Numbers =
    [
        0,
        1,
        2,
        3,
        4,
        5,
        7,
        10,
        11,
        12,
        13,
        14,
        21,
        22,
        23,
        24,
        100,
        101,
        102,
        103,
        111,
        112,
        113,
        999,
        1000,
        1234,
        9999,
        10000,
        12345,
        99999,
        123456,
        1000000,
        2000000,
        1234567,
        -1,
        -2,
        -1234,
        0.5,
        1.5,
        22.5,
        0.25,
        0.125,
        0.0625,
        47.1,
        1.0005,
        2.6749,
        -0.4,
        -0.0001,
        1234.5,
        12345.678,
    ];

    private readonly Random _random = new(seed);

    /// <summary>A pattern.</summary>
    internal string Next() => Parts(depth: 0, inPlural: false);

    /// <summary>A value for each argument: numbers for those that are used as such, words for others.</summary>
    internal Dictionary<string, object> Values() =>
        Names.ToDictionary(
            name => name,
            name =>
                name is "n" or "m"
                    ? Numbers[_random.Next(Numbers.Length)]
                    : (object)Words[_random.Next(Words.Length)]
        );

    private string Parts(int depth, bool inPlural)
    {
        var text = new StringBuilder();
        int count = _random.Next(depth == 0 ? 6 : 4);
        for (int i = 0; i < count; i++)
        {
            int which = _random.Next(depth < 3 ? 10 : 6);
            text.Append(
                which switch
                {
                    < 4 => Text(),
                    4 => "{" + Space() + Names[_random.Next(Names.Length)] + Space() + "}",
                    5 => Number(),
                    6 or 7 => Plural(depth),
                    _ => Select(depth),
                }
            );
        }
        if (inPlural && _random.Next(2) == 0)
        {
            text.Append('#');
        }
        return text.ToString();
    }

    // What opens a quotation and does not close it would swallow what comes after, here and there alike; few such are enough.
    private string Text() => Texts[_random.Next(Texts.Length)];

    private string Space() => _random.Next(4) == 0 ? " \n"[.._random.Next(1, 3)] : "";

    private string Counted() => _random.Next(2) == 0 ? "n" : "m";

    private string Number() =>
        $"{{{Counted()},{Space()}number{new[] { "", ", integer", ", percent" }[_random.Next(3)]}}}";

    private string Plural(int depth)
    {
        var cases = new StringBuilder();
        bool ordinal = _random.Next(3) == 0;
        if (_random.Next(4) == 0)
        {
            cases.Append($"offset:{_random.Next(3)} ");
        }
        foreach (int exact in new[] { 0, 1, 5 })
        {
            if (_random.Next(4) == 0)
            {
                cases.Append($"={exact} {{{Parts(depth + 1, inPlural: true)}}}{Space()}");
            }
        }
        foreach (string category in new[] { "one", "two", "few", "many" })
        {
            if (_random.Next(2) == 0)
            {
                cases.Append($" {category}{Space()}{{{Parts(depth + 1, inPlural: true)}}}");
            }
        }
        return $"{{{Counted()}, {(ordinal ? "selectordinal" : "plural")}, {cases} other {{{Parts(depth + 1, inPlural: true)}}}}}";
    }

    private string Select(int depth)
    {
        var cases = new StringBuilder();
        foreach (string word in new[] { "acute", "right", "f" })
        {
            if (_random.Next(2) == 0)
            {
                cases.Append($"{word} {{{Parts(depth + 1, inPlural: false)}}}{Space()}");
            }
        }
        string name = _random.Next(2) == 0 ? "kind" : "who";
        return $"{{{name}, select, {cases}other {{{Parts(depth + 1, inPlural: false)}}}}}";
    }
}
