using System.Globalization;
using System.Numerics;
using Fractions;

namespace JauntyCompass.Core.Algebra;

/// <summary>Finds where a number ends that begins at a place of a text, and what number it is.</summary>
internal sealed class NumberScanner(string text)
{
    // More digits than this no angle needs.
    private const int MostDigits = 15;

    /// <summary>Whether a number can begin with a character.</summary>
    internal static bool BeginsNumber(char c) =>
        char.IsAsciiDigit(c) || ExactNumber.VulgarFractions.ContainsKey(c) || c is '.' or ',';

    // Above what repeats stand a bar, a dot or an arc: which one is a custom of the country.
    private static bool IsRepeatMark(char c) =>
        c is '\u0305' or '\u0304' or '\u0307' or '\u0302' or '\u0311';

    /// <summary>Reads a number.</summary>
    /// <param name="at">Where it begins.</param>
    /// <returns>The number, how many decimals it has where it is a whole or decimal number, and where it ends; null where it is none.</returns>
    internal (Fraction Value, int? Decimals, int End)? Read(int at)
    {
        int end = at;
        string whole = Digits(ref end);
        if (whole.Length > MostDigits)
        {
            return null;
        }
        Fraction value = whole == "" ? Fraction.Zero : new Fraction(Integer(whole));
        if (end < text.Length && text[end] is '.' or ',' && !IsEllipsis(end))
        {
            return Decimal(value, end + 1);
        }
        if (
            end < text.Length
            && ExactNumber.VulgarFractions.TryGetValue(text[end], out Fraction own)
        )
        {
            return (value + own, null, end + 1);
        }
        if (whole == "")
        {
            return null;
        }
        return Mixed(value, end) ?? (value, 0, end);
    }

    private static BigInteger Integer(string digits) =>
        BigInteger.Parse(digits, NumberStyles.None, CultureInfo.InvariantCulture);

    private string Digits(ref int end)
    {
        int from = end;
        while (end < text.Length && char.IsAsciiDigit(text[end]))
        {
            end++;
        }
        return text[from..end];
    }

    // 14 1/3: a fraction after a space belongs to the number before it.
    private (Fraction, int?, int)? Mixed(Fraction whole, int end)
    {
        int at = end;
        while (at < text.Length && text[at] == ' ')
        {
            at++;
        }
        if (at == end)
        {
            return null;
        }
        if (at < text.Length && ExactNumber.VulgarFractions.TryGetValue(text[at], out Fraction own))
        {
            return (whole + own, null, at + 1);
        }
        string above = Digits(ref at);
        if (at >= text.Length || text[at] is not ('/' or '⁄'))
        {
            return null;
        }
        at++;
        string below = Digits(ref at);
        bool fits =
            above.Length is > 0 and <= MostDigits
            && below.Length is > 0 and <= MostDigits
            && !Integer(below).IsZero
            && (at >= text.Length || text[at] is not ('.' or ','));
        return fits ? (whole + new Fraction(Integer(above), Integer(below)), null, at) : null;
    }

    private bool IsEllipsis(int at) =>
        text[at] == '…' || string.CompareOrdinal(text, at, "...", 0, 3) == 0;

    private (Fraction, int?, int)? Decimal(Fraction whole, int at)
    {
        int end = at;
        var digits = new List<char>();
        int firstMarked = -1;
        int lastMarked = -1;
        for (; end < text.Length; end++)
        {
            if (char.IsAsciiDigit(text[end]))
            {
                digits.Add(text[end]);
            }
            else if (IsRepeatMark(text[end]) && digits.Count > 0)
            {
                lastMarked = digits.Count - 1;
                firstMarked = firstMarked < 0 ? lastMarked : firstMarked;
            }
            else
            {
                break;
            }
        }
        string written = new([.. digits]);
        if (written.Length > MostDigits)
        {
            return null;
        }
        if (firstMarked >= 0)
        {
            // What repeats goes on to the end; digits after it would never be reached.
            return lastMarked == written.Length - 1
                ? (whole + Repeating(written[..firstMarked], written[firstMarked..]), null, end)
                : null;
        }
        if (end < text.Length && text[end] == '(')
        {
            int close = text.IndexOf(')', end);
            string block = close < 0 ? "" : text[(end + 1)..close];
            // 2.5(x + 1) is a product.
            if (block.Length is > 0 and <= MostDigits && block.All(char.IsAsciiDigit))
            {
                return (whole + Repeating(written, block), null, close + 1);
            }
        }
        if (written == "")
        {
            return null;
        }
        if (end < text.Length && IsEllipsis(end))
        {
            int dots = text[end] == '…' ? 1 : 3;
            (string before, string block) = SeenToRepeat(written);
            return (whole + Repeating(before, block), null, end + dots);
        }
        return (whole + Part(written), written.Length, end);
    }

    // 14.333…, 0.1666…, 2.345345…: the shortest block that fills the end at least twice; else the last digit.
    private static (string Before, string Block) SeenToRepeat(string digits)
    {
        for (int length = 1; 2 * length <= digits.Length; length++)
        {
            string block = digits[^length..];
            if (digits[..^length].EndsWith(block, StringComparison.Ordinal))
            {
                return (digits[..^length], block);
            }
        }
        return (digits[..^1], digits[^1..]);
    }

    private static Fraction Part(string digits) =>
        digits == ""
            ? Fraction.Zero
            : new Fraction(Integer(digits), BigInteger.Pow(10, digits.Length));

    private static Fraction Repeating(string before, string block) =>
        Part(before)
        + new Fraction(
            Integer(block),
            (BigInteger.Pow(10, block.Length) - 1) * BigInteger.Pow(10, before.Length)
        );
}
