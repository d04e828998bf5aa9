using Fractions;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Algebra;

/// <summary>Reads expressions that stand between equals signs, by recursive descent. It stops at the first thing that it cannot read.</summary>
internal sealed class AlgebraParser(string text)
{
    private const int DeepestBracket = 20;

    private readonly NumberScanner _numbers = new(text);
    private int _at;
    private int _depth;

    /// <summary>What could not be read; null where all could.</summary>
    internal ParsingProblem? Problem { get; private set; }

    /// <summary>The expressions left and right of the equals sign, or the only one; empty where something could not be read.</summary>
    internal IReadOnlyList<WrittenExpression> Sides()
    {
        if (text.Length > AlgebraReader.Longest)
        {
            Problem = new(AlgebraReader.Longest, Text.Algebra.Reading.TooLong);
            return [];
        }
        var sides = new List<WrittenExpression>();
        do
        {
            if (sides.Count == 2)
            {
                Fail(_at - 1, Text.Algebra.Reading.OneEquals);
                return [];
            }
            if (Sum() is not WrittenExpression side)
            {
                return [];
            }
            sides.Add(side);
        } while (Take('='));
        if (_at < text.Length)
        {
            Fail(
                _at,
                text[_at] == ')'
                    ? Text.Algebra.Reading.BracketNotOpened
                    : Text.Algebra.Reading.Unreadable(Rest)
            );
            return [];
        }
        return sides;
    }

    private string Rest => text[_at..Math.Min(text.Length, _at + 8)].TrimEnd();

    private WrittenExpression? Fail(int at, Message why)
    {
        Problem ??= new(at, why);
        return null;
    }

    // Between things only spaces and degree signs are passed over.
    private void Skip()
    {
        while (_at < text.Length && (char.IsWhiteSpace(text[_at]) || text[_at] is '°' or 'º'))
        {
            _at++;
        }
    }

    private bool Take(params ReadOnlySpan<char> signs)
    {
        Skip();
        if (_at >= text.Length || !signs.Contains(text[_at]))
        {
            return false;
        }
        _at++;
        return true;
    }

    private bool TakeMinus() => Take('-', '−', '–', '‐');

    private WrittenExpression? Sum()
    {
        bool negative = TakeMinus();
        if (!negative)
        {
            _ = Take('+');
        }
        WrittenExpression? sum = Product();
        if (sum is not null && negative)
        {
            sum = sum with { Value = -sum.Value, IsX = false };
        }
        while (sum is not null)
        {
            bool taken = TakeMinus();
            if (!taken && !Take('+'))
            {
                return sum;
            }
            sum = Product() is WrittenExpression next
                ? new WrittenExpression(
                    taken ? sum.Value - next.Value : sum.Value + next.Value,
                    sum.TermsWithX + next.TermsWithX,
                    IsX: false,
                    Decimals: null
                )
                : null;
        }
        return null;
    }

    private WrittenExpression? Product()
    {
        WrittenExpression? product = Factor();
        while (product is not null)
        {
            int before = _at;
            if (Take('/', '÷', ':', '⁄', '∕'))
            {
                product = Factor() is WrittenExpression divisor
                    ? Divide(product, divisor, before)
                    : null;
            }
            else if (Take('*', '·', '×', '⋅', '∙') || IsFactorAhead)
            {
                product = Factor() is WrittenExpression factor
                    ? Multiply(product, factor, before)
                    : null;
            }
            else
            {
                Skip();
                return _at < text.Length && NumberScanner.BeginsNumber(text[_at])
                    ? Fail(_at, Text.Algebra.Reading.SignMissing(Rest))
                    : product;
            }
        }
        return null;
    }

    // 3x, 2(x + 5), x(3) and (2)(3) are multiplied without a sign; x3 and (2)3 are not written so.
    private bool IsFactorAhead
    {
        get
        {
            Skip();
            return _at < text.Length && text[_at] is 'x' or 'X' or '(';
        }
    }

    private WrittenExpression? Divide(WrittenExpression a, WrittenExpression b, int at) =>
        b.Value.HasX ? Fail(at, Text.Algebra.Reading.DividedByX)
        : b.Value.Constant.IsZero ? Fail(at, Text.Algebra.Reading.DividedByZero)
        : Made(a.Value * b.Value.Constant.Reciprocal(), a, b);

    private WrittenExpression? Multiply(WrittenExpression a, WrittenExpression b, int at) =>
        a.Value.HasX && b.Value.HasX ? Fail(at, Text.Algebra.Reading.XTimesX)
        : a.Value.HasX ? Made(a.Value * b.Value.Constant, a, b)
        : Made(b.Value * a.Value.Constant, a, b);

    private static WrittenExpression Made(
        LinearExpression value,
        WrittenExpression a,
        WrittenExpression b
    ) => new(value, Math.Max(a.TermsWithX, b.TermsWithX), IsX: false, Decimals: null);

    private WrittenExpression? Factor()
    {
        if (Take('('))
        {
            return Bracket();
        }
        if (Take('x', 'X'))
        {
            return new WrittenExpression(LinearExpression.Unknown, 1, IsX: true, Decimals: null);
        }
        if (_at < text.Length && NumberScanner.BeginsNumber(text[_at]))
        {
            (Fraction Value, int? Decimals, int End)? number = _numbers.Read(_at);
            if (number is null)
            {
                return Fail(_at, Text.Algebra.Reading.Unreadable(Rest));
            }
            _at = number.Value.End;
            return new WrittenExpression(
                LinearExpression.Of(number.Value.Value),
                0,
                IsX: false,
                number.Value.Decimals
            );
        }
        return _at < text.Length && (char.IsLetter(text[_at]))
                ? Fail(_at, Text.Algebra.Reading.OnlyX(text[_at].ToString()))
            : _at == 0 || text.AsSpan(0, _at).Trim().IsEmpty
                ? Fail(_at, Text.Algebra.Reading.NumberMissingFirst)
            : Fail(_at, Text.Algebra.Reading.NumberMissing(LastRead));
    }

    private string LastRead => text[Math.Max(0, _at - 8).._at].Trim();

    private WrittenExpression? Bracket()
    {
        int opened = _at - 1;
        if (++_depth > DeepestBracket)
        {
            return Fail(opened, Text.Algebra.Reading.TooLong);
        }
        WrittenExpression? inside = Sum();
        _depth--;
        return inside is null ? null
            : Take(')')
                ? inside with
                {
                    TermsWithX = Math.Min(1, inside.TermsWithX),
                    IsX = false,
                    Decimals = null,
                }
            : Fail(opened, Text.Algebra.Reading.BracketNotClosed);
    }
}
