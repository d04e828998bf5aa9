using Fractions;
using JauntyCompass.Core.Algebra;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Exercises.Kinds.Parts;

/// <summary>Makes parts of an angle: from the answer to the question, so that every part is positive and comes out as it is wanted.</summary>
internal static class PartsProposal
{
    private const int Tries = 2000;

    // In degrees: what is smaller cannot be told from its neighbours when it is drawn, and has no room for its expression.
    private const int LeastPart = 18;

    // Larger numbers in an expression frighten and teach nothing.
    private const int MostConstant = 40;

    // Of x, and of each of two equal angles, in degrees.
    private const int LeastX = 4;
    private const int MostX = 60;
    private const int LargestEqual = 90;

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
        AlgebraNumbers numbers,
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

    // Numbers that are tried: whole ones until they fit. All that x is multiplied by is a number of sixths, x a number of halves or
    // thirds, and the measures are in the unit that both make.
    private readonly ref struct Draft(Span<int> sixths, Span<int> constants, Span<int> measures)
    {
        internal readonly Span<int> Sixths = sixths;
        internal readonly Span<int> Constants = constants;
        internal readonly Span<int> Measures = measures;

        /// <summary>x, as a number of such parts of one as <see cref="Degree"/> has sixths.</summary>
        internal int X { get; init; }

        /// <summary>How many units a degree has.</summary>
        internal int Degree { get; init; }
    }

    private static AngleParts? Try(
        PartsFigure figure,
        int count,
        AlgebraNumbers numbers,
        int asked,
        SeededRandom random
    )
    {
        int? whole = AngleParts.WholeOf(figure);
        int below = numbers switch
        {
            AlgebraNumbers.Whole => 1,
            AlgebraNumbers.WholeAngles => random.Between(2, 3),
            _ => 3,
        };
        Span<int> sixths = stackalloc int[count];
        int all = 0;
        for (int i = 0; i < count; i++)
        {
            all += sixths[i] = Coefficient(numbers, below, random);
        }
        // So large that the parts come out about as large as the whole lets them.
        int largest = whole is int most
            ? 6 * most * Sixth / (5 * all)
            : LargestEqual * Sixth / sixths[0];
        int least = LeastX * below;
        int room = Math.Min(MostX, largest) * below;
        int x = room > least ? random.Between(least, room) : least;
        if (numbers != AlgebraNumbers.Whole && x % below == 0)
        {
            return null;
        }
        var draft = new Draft(sixths, stackalloc int[count], stackalloc int[count])
        {
            X = x,
            Degree = Sixth * below,
        };
        int sum = 0;
        for (int i = 0; i < count - 1; i++)
        {
            int constant = random.Chance(0.3) ? 0 : random.Between(-30, MostConstant);
            draft.Constants[i] = constant;
            sum += draft.Measures[i] = sixths[i] * x + constant * draft.Degree;
        }
        // The last one is what is left, or what is equal.
        draft.Measures[^1] = whole is int made ? made * draft.Degree - sum : draft.Measures[0];
        int rest = draft.Measures[^1] - sixths[^1] * x;
        draft.Constants[^1] = rest / draft.Degree;
        if (
            rest % draft.Degree != 0
            || !Fits(figure, numbers, draft)
            || !Shows(figure, numbers, asked, draft)
        )
        {
            return null;
        }
        var expressions = new LinearExpression[count];
        for (int i = 0; i < count; i++)
        {
            expressions[i] = new(new Fraction(sixths[i], Sixth), draft.Constants[i]);
        }
        return new AngleParts(figure, expressions);
    }

    // What x is multiplied by so that it comes out as it is wanted, in sixths.
    private static int Coefficient(AlgebraNumbers numbers, int below, SeededRandom random) =>
        numbers switch
        {
            AlgebraNumbers.WholeAngles => Sixth * below * random.Between(1, 2),
            AlgebraNumbers.Repeating => Sixth * NotOfThree[random.Below(NotOfThree.Length)],
            // Simple fractions come now and then.
            _ => random.Chance(0.8)
                ? Sixth * random.Between(1, 5)
                : Simple[random.Below(Simple.Length)],
        };

    private static bool Fits(PartsFigure figure, AlgebraNumbers numbers, in Draft draft)
    {
        bool equal = AngleParts.WholeOf(figure) is null;
        int most = figure switch
        {
            PartsFigure.Bisected => 80,
            PartsFigure.Reflex => 320,
            PartsFigure.FullTurn => 200,
            _ => 155,
        };
        for (int i = 0; i < draft.Sixths.Length; i++)
        {
            int measure = draft.Measures[i];
            bool fits =
                Math.Abs(draft.Constants[i]) <= MostConstant
                && measure >= LeastPart * draft.Degree
                && measure <= most * draft.Degree
                // x itself would be given for the angle and be right.
                && measure != Sixth * draft.X
                && numbers != AlgebraNumbers.Repeating == (measure % draft.Degree == 0);
            if (!fits)
            {
                return false;
            }
            for (int j = 0; j < i; j++)
            {
                bool alike = draft.Sixths[i] == draft.Sixths[j];
                if (alike && (equal || draft.Constants[i] == draft.Constants[j]))
                {
                    return false;
                }
                // Parts that are as large as each other could be set equal.
                if (!equal && measure == draft.Measures[j])
                {
                    return false;
                }
            }
        }
        return true;
    }

    // Whether the slips that are made with numbers would show, so that an item keeps what its variety promises.
    private static bool Shows(PartsFigure figure, AlgebraNumbers numbers, int asked, in Draft draft)
    {
        bool notPutBack = false;
        bool cutOff = numbers != AlgebraNumbers.Repeating || draft.X % 3 == 2;
        int moved = 0;
        for (int i = 0; i < draft.Sixths.Length; i++)
        {
            notPutBack |= i != asked && draft.Sixths[i] + Sixth * draft.Constants[i] > 0;
            // Two thirds are rounded up and cut off down.
            cutOff |= draft.Measures[i] % draft.Degree == 2 * draft.Degree / 3;
            moved += draft.Constants[i];
        }
        bool signKept = AngleParts.WholeOf(figure) is null ? draft.Constants[0] != 0 : moved != 0;
        return notPutBack && cutOff && signKept;
    }

    /// <summary>The measures as they are drawn: true ones, or ones that nothing can be told from.</summary>
    internal static IReadOnlyList<double> Drawn(AngleParts parts, bool toScale, SeededRandom random)
    {
        double[] exact = [.. parts.Measures.Select(m => (double)m)];
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
        if (toScale)
        {
            return exact;
        }
        if (parts.Figure is PartsFigure.Opposite or PartsFigure.Reflex)
        {
            // Opposite angles are drawn alike and a reflex angle is the larger one, whatever their sizes.
            double smaller = exact.Min();
            double drawnSmaller = smaller + (smaller > 90 ? -1 : 1) * (14 + random.Below(12));
            return
            [
                .. exact.Select(m =>
                    m == smaller ? drawnSmaller : parts.Whole!.Value - drawnSmaller
                ),
            ];
        }
        if (parts.AreEqual)
        {
            // What a bisector makes is drawn unlike.
            double half = exact[0];
            double shift = 6 + random.Below(6);
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
