using JauntyCompass.Locales;

namespace JauntyCompass.Core.Algebra;

/// <summary>
/// Reads what students type in algebra: numbers, expressions in x of the first degree, equations. It forgives all that has only one
/// meaning: spaces, degree signs, <c>·</c>, <c>×</c> or <c>*</c>, <c>/</c>, <c>÷</c> or <c>:</c>, a decimal point or comma, <c>14⅓</c>,
/// <c>14 1/3</c>, <c>43/3</c>, <c>14.333…</c>, <c>14.(3)</c>, a bar, a dot or an arc above what repeats. Where something is multiplied or divided
/// it goes from left to right, so that <c>1/2x</c> is half of x.
/// </summary>
public static class AlgebraReader
{
    /// <summary>So many characters are read at most.</summary>
    public const int Longest = 120;

    /// <summary>Reads an expression.</summary>
    public static Parsed<WrittenExpression> Expression(string text)
    {
        var parser = new AlgebraParser(text);
        return parser.Sides() switch
        {
            [WrittenExpression only] => Parsed<WrittenExpression>.As(only),
            _ => Parsed<WrittenExpression>.Not(
                parser.Problem
                    ?? new(
                        text.IndexOf('=', StringComparison.Ordinal),
                        Text.Algebra.Reading.NoEquals
                    )
            ),
        };
    }

    /// <summary>Reads an equation in x.</summary>
    public static Parsed<WrittenEquation> Equation(string text)
    {
        var parser = new AlgebraParser(text);
        return parser.Sides() switch
        {
            [var left, var right] when left.TermsWithX + right.TermsWithX > 0 =>
                Parsed<WrittenEquation>.As(
                    new WrittenEquation(
                        new LinearEquation(left.Value, right.Value),
                        left.TermsWithX + right.TermsWithX,
                        (left.IsX && !right.Value.HasX) || (right.IsX && !left.Value.HasX)
                    )
                ),
            [_, _] => Parsed<WrittenEquation>.Not(new(0, Text.Algebra.Reading.NoX)),
            _ => Parsed<WrittenEquation>.Not(
                parser.Problem ?? new(text.Length, Text.Algebra.Reading.EqualsMissing)
            ),
        };
    }

    /// <summary>Reads a number; what leads to it may stand before an equals sign, as in <c>x = 43/3</c>.</summary>
    public static Parsed<WrittenNumber> Number(string text)
    {
        var parser = new AlgebraParser(text);
        WrittenExpression? number = parser.Sides() switch
        {
            [var only] => only,
            [{ IsX: true }, var value] => value,
            _ => null,
        };
        return number is { Value.HasX: false }
            ? Parsed<WrittenNumber>.As(new WrittenNumber(number.Value.Constant, number.Decimals))
            : Parsed<WrittenNumber>.Not(parser.Problem ?? new(0, Text.Algebra.Reading.NumberOnly));
    }
}

/// <summary>An expression as it was written.</summary>
/// <param name="Value">What it comes to.</param>
/// <param name="TermsWithX">How many terms with x stand in it; in a bracket they count as one.</param>
/// <param name="IsX">Whether it is x and nothing else.</param>
/// <param name="Decimals">How many decimals were written where it is one whole or decimal number; null where it is anything else.</param>
public sealed record WrittenExpression(
    LinearExpression Value,
    int TermsWithX,
    bool IsX,
    int? Decimals
);
