using System.Numerics;
using Fractions;

namespace JauntyCompass.Core.Algebra;

/// <summary>
/// What comes of the slips of algebra at some angles: wrong equations, and wrong numbers where the equation is right. Common practice,
/// no source.
/// </summary>
public static class AlgebraSlips
{
    // 14.6 for 14.666…: so many decimals are written at most.
    private const int MostDecimals = 2;

    /// <summary>Parts that make a whole, set equal.</summary>
    public static IReadOnlyList<LinearEquation> SetEqual(AngleParts parts) =>
        parts.AreEqual
            ? []
            :
            [
                .. parts
                    .Expressions.Zip(parts.Expressions.Skip(1), (a, b) => new LinearEquation(a, b))
                    .Where(e => e.Solution is not null),
            ];

    /// <summary>Equal angles, added up to a whole.</summary>
    public static IReadOnlyList<LinearEquation> AddedEqual(AngleParts parts) =>
        parts.AreEqual ? [.. AngleParts.Wholes.Select(parts.MakingUp)] : [];

    /// <summary>Parts of one whole, added up to another one; a right angle is taken for granted by a mistake of its own.</summary>
    public static IReadOnlyList<LinearEquation> WrongWhole(AngleParts parts) =>
        parts.Whole is int whole
            ? [.. AngleParts.Wholes.Where(w => w != whole && w != 90).Select(parts.MakingUp)]
            : [];

    /// <summary>Parts of something else, taken for parts of a right angle that has no box.</summary>
    public static IReadOnlyList<LinearEquation> AssumedRightAngle(AngleParts parts) =>
        parts.Whole is int whole && whole != 90 ? [parts.MakingUp(90)] : [];

    /// <summary>x where a number or an x kept its sign when it was moved to the other side.</summary>
    public static IReadOnlyList<Fraction> SignKept(AngleParts parts)
    {
        LinearEquation equation = parts.Equation;
        (LinearExpression left, LinearExpression right) = (equation.Left, equation.Right);
        var found = new List<Fraction>();
        Fraction net = left.X - right.X;
        if (!left.Constant.IsZero && !net.IsZero)
        {
            found.Add((right.Constant + left.Constant) / net);
        }
        Fraction kept = left.X + right.X;
        if (!right.X.IsZero && !kept.IsZero)
        {
            found.Add((right.Constant - left.Constant) / kept);
        }
        return Wrong(found, parts.X);
    }

    /// <summary>x where the last division went the wrong way, or was a multiplication.</summary>
    public static IReadOnlyList<Fraction> DividedWrongWay(AngleParts parts)
    {
        LinearExpression difference = parts.Equation.Difference;
        Fraction rest = -difference.Constant;
        return rest.IsZero || difference.X.IsZero
            ? []
            : Wrong([difference.X / rest, difference.X * rest], parts.X);
    }

    /// <summary>A repeating decimal with its end cut off; what is also rounded rightly is no mistake of this kind.</summary>
    public static IReadOnlyList<Fraction> CutOff(Fraction exact)
    {
        if (!ExactNumber.Repeats(exact))
        {
            return [];
        }
        var found = new List<Fraction>();
        for (int decimals = 0; decimals <= MostDecimals; decimals++)
        {
            BigInteger power = BigInteger.Pow(10, decimals);
            var cut = new Fraction(
                BigInteger.Divide(exact.Numerator * power, exact.Denominator),
                power
            );
            if (!new WrittenNumber(cut, decimals).IsRounded(exact))
            {
                found.Add(cut);
            }
        }
        return [.. found.Distinct()];
    }

    /// <summary>A part into which x was not put back: its number alone, or with x taken for one.</summary>
    public static IReadOnlyList<Fraction> NotPutBack(LinearExpression part, Fraction measure) =>
        Wrong([part.Constant, part.At(Fraction.One)], measure);

    // An angle or an x of nothing or less would be seen to be wrong.
    private static IReadOnlyList<Fraction> Wrong(IEnumerable<Fraction> found, Fraction? right) =>
        [.. found.Where(f => f.IsPositive && f != right).Distinct()];
}
