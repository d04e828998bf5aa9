using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Exercises.Kinds.Parts;

/// <summary>What numbers an item comes out with.</summary>
internal enum PartsNumbers
{
    /// <summary>x is whole, and so is every angle.</summary>
    Whole,

    /// <summary>Every angle is whole, x is not.</summary>
    WholeAngles,

    /// <summary>x and the angles are decimals that repeat.</summary>
    Repeating,
}

/// <summary>Makes parts of an angle: from the answer to the question, so that every part is positive and comes out as it is wanted.</summary>
internal static class PartsProposal
{
    private const int Tries = 2000;

    // In degrees: what is smaller cannot be told from its neighbours when it is drawn, and has no room for its expression.
    private const int LeastPart = 18;

    // Larger numbers in an expression frighten and teach nothing.
    private const int MostConstant = 40;

    private const int Sixth = 6;

    // Halves, thirds and three halves, in sixths.
    private static readonly int[] Simple = [3, 2, 9];

    private static readonly int[] NotOfThree = [1, 2, 4, 5];

    /// <summary>Angles of a figure with numbers as they are wanted.</summary>
    /// <param name="figure">How they belong together.</param>
    /// <param name="count">How many, 2 or 3.</param>
    /// <param name="numbers">What comes out.</param>
    /// <param name="asked">Which of them is asked, from 0.</param>
    /// <param name="random">Where the numbers come from.</param>
    internal static AngleParts Make(
        PartsFigure figure,
        int count,
        PartsNumbers numbers,
        int asked,
        SeededRandom random
    )
    {
        for (int i = 0; i < Tries; i++)
        {
            if (Try(figure, count, numbers, asked, random) is AngleParts parts)
            {
                return parts;
            }
        }
        throw new InvalidOperationException($"No {numbers} parts of {figure} in {Tries} tries.");
    }

    // In whole numbers until it fits: all that is multiplied is a number of sixths, and x a number of halves or thirds.
    private static AngleParts? Try(
        PartsFigure figure,
        int count,
        PartsNumbers numbers,
        int asked,
        SeededRandom random
    )
    {
        bool equal = figure is PartsFigure.Bisected or PartsFigure.Opposite;
        int whole = figure switch
        {
            PartsFigure.RightAngle => 90,
            PartsFigure.StraightLine => 180,
            _ => 360,
        };
        int below = numbers switch
        {
            PartsNumbers.Whole => 1,
            PartsNumbers.WholeAngles => random.Between(2, 3),
            _ => 3,
        };
        Span<int> sixths = stackalloc int[count];
        int all = 0;
        for (int i = 0; i < count; i++)
        {
            all += sixths[i] = Coefficient(numbers, below, random);
        }
        // So large that the parts come out about as large as the whole lets them.
        int largest = equal ? 90 * Sixth / sixths[0] : 6 * whole * Sixth / (5 * all);
        int least = 4 * below;
        int most = Math.Min(60, largest) * below;
        int x = most > least ? random.Between(least, most) : least;
        if (numbers != PartsNumbers.Whole && x % below == 0)
        {
            return null;
        }
        // A degree is so many of the units in which the measures are.
        int degree = Sixth * below;
        Span<int> constants = stackalloc int[count];
        Span<int> measures = stackalloc int[count];
        int sum = 0;
        for (int i = 0; i < count - 1; i++)
        {
            constants[i] = random.Chance(0.3) ? 0 : random.Between(-30, MostConstant);
            sum += measures[i] = sixths[i] * x + constants[i] * degree;
        }
        // The last one is what is left, or what is equal.
        measures[^1] = equal ? measures[0] : whole * degree - sum;
        int rest = measures[^1] - sixths[^1] * x;
        constants[^1] = rest / degree;
        if (
            rest % degree != 0
            || !Fits(figure, numbers, sixths, constants, measures, x, degree)
            || !Shows(equal, numbers, asked, sixths, constants, measures, x, degree)
        )
        {
            return null;
        }
        var expressions = new LinearExpression[count];
        for (int i = 0; i < count; i++)
        {
            expressions[i] = new(new Fraction(sixths[i], Sixth), constants[i]);
        }
        return new AngleParts(figure, expressions);
    }

    // What x is multiplied by so that it comes out as it is wanted, in sixths.
    private static int Coefficient(PartsNumbers numbers, int below, SeededRandom random) =>
        numbers switch
        {
            PartsNumbers.WholeAngles => Sixth * below * random.Between(1, 2),
            PartsNumbers.Repeating => Sixth * NotOfThree[random.Below(NotOfThree.Length)],
            // Simple fractions come now and then.
            _ => random.Chance(0.8)
                ? Sixth * random.Between(1, 5)
                : Simple[random.Below(Simple.Length)],
        };

    private static bool Fits(
        PartsFigure figure,
        PartsNumbers numbers,
        ReadOnlySpan<int> sixths,
        ReadOnlySpan<int> constants,
        ReadOnlySpan<int> measures,
        int x,
        int degree
    )
    {
        bool equal = figure is PartsFigure.Bisected or PartsFigure.Opposite;
        int most = figure switch
        {
            PartsFigure.Bisected => 80,
            PartsFigure.Reflex => 320,
            PartsFigure.FullTurn => 200,
            _ => 155,
        };
        for (int i = 0; i < sixths.Length; i++)
        {
            bool fits =
                Math.Abs(constants[i]) <= MostConstant
                && measures[i] >= LeastPart * degree
                && measures[i] <= most * degree
                // x itself would be given for the angle and be right.
                && measures[i] != Sixth * x
                && numbers != PartsNumbers.Repeating == (measures[i] % degree == 0);
            if (!fits)
            {
                return false;
            }
            for (int j = 0; j < i; j++)
            {
                bool alike = sixths[i] == sixths[j];
                if (alike && (equal || constants[i] == constants[j]))
                {
                    return false;
                }
                // Parts that are as large as each other could be set equal.
                if (!equal && measures[i] == measures[j])
                {
                    return false;
                }
            }
        }
        return true;
    }

    // Whether the slips that are made with numbers would show, so that an item keeps what its variety promises.
    private static bool Shows(
        bool equal,
        PartsNumbers numbers,
        int asked,
        ReadOnlySpan<int> sixths,
        ReadOnlySpan<int> constants,
        ReadOnlySpan<int> measures,
        int x,
        int degree
    )
    {
        bool notPutBack = false;
        bool cutOff = numbers != PartsNumbers.Repeating || x % 3 == 2;
        int moved = 0;
        for (int i = 0; i < sixths.Length; i++)
        {
            notPutBack |= i != asked && sixths[i] + Sixth * constants[i] > 0;
            // Two thirds are rounded up and cut off down.
            cutOff |= measures[i] % degree == 2 * degree / 3;
            moved += constants[i];
        }
        return notPutBack && cutOff && (equal ? constants[0] != 0 : moved != 0);
    }

    /// <summary>The measures as they are drawn: true ones, or ones that nothing can be told from.</summary>
    internal static IReadOnlyList<double> Drawn(AngleParts parts, bool toScale, SeededRandom random)
    {
        double[] exact = [.. parts.At(parts.X!.Value).Select(m => m.ToDouble())];
        double[] drawn = Shapes(parts, exact, toScale, random);
        for (int i = 0; i < drawn.Length; i++)
        {
            drawn[i] = Math.Round(drawn[i], 1);
        }
        if (parts.Whole is int whole)
        {
            drawn[^1] = Math.Round(whole - drawn[..^1].Sum(), 1);
        }
        return drawn;
    }

    private static double[] Shapes(
        AngleParts parts,
        double[] exact,
        bool toScale,
        SeededRandom random
    )
    {
        if (toScale || parts.Figure == PartsFigure.Reflex)
        {
            return exact;
        }
        if (parts.AreEqual)
        {
            // What a bisector makes is drawn unlike; opposite angles cannot be.
            double half = exact[0];
            double shift = parts.Figure == PartsFigure.Bisected ? 6 + random.Below(6) : 0;
            return half > 40 ? [half - shift, half + shift] : [half + shift, half + shift / 2];
        }
        // All nearly alike, in the order of their sizes turned round.
        double each = exact.Sum() / exact.Length;
        int[] order = [.. Enumerable.Range(0, exact.Length).OrderByDescending(i => exact[i])];
        double[] drawn = new double[exact.Length];
        for (int i = 0; i < exact.Length; i++)
        {
            drawn[order[i]] = each * (0.85 + 0.3 * i / (exact.Length - 1));
        }
        return drawn;
    }
}
