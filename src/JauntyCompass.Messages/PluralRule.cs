using System.Globalization;
using System.Text.RegularExpressions;

namespace JauntyCompass.Messages;

/// <summary>
/// Which numbers go with a form of a word, in the notation of the Unicode plural rules (UTS 35, part 3): <c>n % 10 = 2..4 and n % 100 !=
/// 12..14</c>. Operands: <c>n</c> the number without its sign, <c>i</c> its whole part, <c>v</c> how many decimals are written.
/// </summary>
public sealed partial class PluralRule
{
    private sealed record Relation(
        char Operand,
        int? Modulus,
        bool Is,
        (int From, int To)[] Ranges
    );

    // One of these holds whole.
    private readonly Relation[][] _anyOf;

    private PluralRule(Relation[][] anyOf) => _anyOf = anyOf;

    /// <summary>Reads a rule.</summary>
    /// <param name="text">The rule.</param>
    /// <exception cref="FormatException">It cannot be read.</exception>
    public static PluralRule Parse(string text) =>
        new([
            .. text.Split(" or ").Select(all => all.Split(" and ").Select(ReadRelation).ToArray()),
        ]);

    /// <summary>Whether a number goes with it.</summary>
    /// <param name="number">The number as it is written; its sign does not matter.</param>
    public bool Holds(decimal number)
    {
        decimal n = Math.Abs(number);
        return _anyOf.Any(all => all.All(relation => Holds(relation, n)));
    }

    private static bool Holds(Relation relation, decimal n)
    {
        decimal value = relation.Operand switch
        {
            'i' => Math.Floor(n),
            'v' => n.Scale,
            _ => n,
        };
        if (relation.Modulus is int modulus)
        {
            value %= modulus;
        }
        bool found = relation.Ranges.Any(r =>
            value >= r.From && value <= r.To && value == Math.Floor(value)
        );
        return found == relation.Is;
    }

    private static Relation ReadRelation(string text)
    {
        Match match = RelationPattern().Match(text.Trim());
        if (!match.Success)
        {
            throw new FormatException($"“{text}” is no plural rule.");
        }
        return new Relation(
            match.Groups["operand"].Value[0],
            match.Groups["modulus"].Success ? Number(match.Groups["modulus"].Value) : null,
            match.Groups["is"].Value == "=",
            [
                .. match
                    .Groups["values"]
                    .Value.Split(',')
                    .Select(v => v.Split(".."))
                    .Select(v => (Number(v[0]), Number(v[^1]))),
            ]
        );
    }

    private static int Number(string text) => int.Parse(text.Trim(), CultureInfo.InvariantCulture);

    [GeneratedRegex(
        @"^(?<operand>[niv])(?:\s*%\s*(?<modulus>\d+))?\s*(?<is>!?=)\s*(?<values>\d+(?:\.\.\d+)?(?:\s*,\s*\d+(?:\.\.\d+)?)*)$"
    )]
    private static partial Regex RelationPattern();
}
