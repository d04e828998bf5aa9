using System.Diagnostics.CodeAnalysis;
using Fractions;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Algebra;

/// <summary>Why something typed could not be read, and where.</summary>
/// <param name="At">How many characters stand before the place.</param>
/// <param name="Text">What to do about it.</param>
public sealed record ParsingProblem(int At, Message Text);

/// <summary>Something that was typed, read; or why it could not be.</summary>
/// <typeparam name="T">What it is read as.</typeparam>
public sealed class Parsed<T>
    where T : class
{
    private Parsed(T? value, ParsingProblem? problem) => (Value, Problem) = (value, problem);

    /// <summary>What it was read as; null where it could not be read.</summary>
    public T? Value { get; }

    /// <summary>Why it could not be read; null where it was.</summary>
    public ParsingProblem? Problem { get; }

    /// <summary>Whether it was read.</summary>
    [MemberNotNullWhen(true, nameof(Value))]
    [MemberNotNullWhen(false, nameof(Problem))]
    public bool IsRead => Value is not null;

    /// <summary>Something that was read.</summary>
    internal static Parsed<T> As(T value) => new(value, null);

    /// <summary>Something that was not.</summary>
    internal static Parsed<T> Not(ParsingProblem problem) => new(null, problem);
}

/// <summary>An equation as it was written.</summary>
/// <param name="Equation">What it says.</param>
/// <param name="TermsWithX">How many terms with x stand in it; in a bracket they count as one.</param>
/// <param name="IsSolved">Whether x stands alone on one side and a number on the other.</param>
public sealed record WrittenEquation(LinearEquation Equation, int TermsWithX, bool IsSolved);

/// <summary>A number as it was written.</summary>
/// <param name="Value">The number.</param>
/// <param name="Decimals">How many decimals were written where it was one whole or decimal number; null where it was anything else.</param>
public sealed record WrittenNumber(Fraction Value, int? Decimals)
{
    /// <summary>Whether a number was written that is another one rounded to as many decimals.</summary>
    public bool IsRounded(Fraction exact)
    {
        if (Decimals is not int decimals || Value == exact)
        {
            return false;
        }
        var half = new Fraction(1, 2 * System.Numerics.BigInteger.Pow(10, decimals));
        return (Value - exact).Abs() <= half;
    }
}
