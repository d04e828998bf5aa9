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

    private static readonly Fraction[] Simple = [new(1, 2), new(1, 3), new(3, 2)];

    private static readonly int[] NotOfThree = [1, 2, 4, 5];

    /// <summary>Angles of a figure with numbers as they are wanted.</summary>
    /// <param name="figure">How they belong together.</param>
    /// <param name="count">How many, 2 or 3.</param>
    /// <param name="numbers">What comes out.</param>
    /// <param name="random">Where the numbers come from.</param>
    internal static AngleParts Make(
        PartsFigure figure,
        int count,
        PartsNumbers numbers,
        SeededRandom random
    )
    {
        for (int i = 0; i < Tries; i++)
        {
            if (Try(figure, count, numbers, random) is AngleParts parts)
            {
                return parts;
            }
        }
        throw new InvalidOperationException($"No {numbers} parts of {figure} in {Tries} tries.");
    }

    private static AngleParts? Try(
        PartsFigure figure,
        int count,
        PartsNumbers numbers,
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
        Fraction[] times =
        [
            .. Enumerable.Range(0, count).Select(_ => Coefficient(numbers, below, random)),
        ];
        // So large that the parts come out about as large as the whole lets them.
        double largest = equal
            ? 90 / times[0].ToDouble()
            : 1.2 * whole / times.Sum(t => t.ToDouble());
        int most = (int)Math.Min(60, largest) * below;
        int least = 4 * below;
        var x = new Fraction(most > least ? random.Between(least, most) : least, below);
        var expressions = new LinearExpression[count];
        Fraction measure = Fraction.Zero;
        for (int i = 0; i < count - 1; i++)
        {
            Fraction constant = random.Chance(0.3) ? 0 : random.Between(-30, MostConstant);
            expressions[i] = new LinearExpression(times[i], constant);
            measure += expressions[i].At(x);
        }
        // The last one is what is left, or what is equal.
        Fraction last = equal ? measure : whole - measure;
        expressions[^1] = new LinearExpression(times[^1], last - times[^1] * x);
        var parts = new AngleParts(figure, expressions);
        return Fits(parts, x, numbers) ? parts : null;
    }

    // What must be multiplied so that it comes out as it is wanted.
    private static Fraction Coefficient(PartsNumbers numbers, int below, SeededRandom random) =>
        numbers switch
        {
            PartsNumbers.WholeAngles => below * random.Between(1, 2),
            PartsNumbers.Repeating => NotOfThree[random.Below(NotOfThree.Length)],
            // Simple fractions come now and then.
            _ => random.Chance(0.8) ? random.Between(1, 5) : Simple[random.Below(Simple.Length)],
        };

    private static bool Fits(AngleParts parts, Fraction x, PartsNumbers numbers)
    {
        IReadOnlyList<Fraction> measures = parts.At(x);
        int most = parts.Figure switch
        {
            PartsFigure.Bisected => 80,
            PartsFigure.Reflex => 320,
            PartsFigure.FullTurn => 200,
            _ => 155,
        };
        return parts.X == x
            && numbers == PartsNumbers.Whole == x.Denominator.IsOne
            && parts.Expressions.Count(e => e.HasX) == parts.Expressions.Count
            && parts.Expressions.All(e =>
                e.Constant.Denominator.IsOne && e.Constant.Abs() <= MostConstant
            )
            && parts.Expressions.Distinct().Count() == parts.Expressions.Count
            && measures.All(m => m >= LeastPart && m <= most)
            && (parts.AreEqual || measures.Distinct().Count() == measures.Count)
            && measures.All(m => m != x)
            && numbers switch
            {
                PartsNumbers.Whole or PartsNumbers.WholeAngles => measures.All(m =>
                    m.Denominator.IsOne
                ),
                _ => measures.All(m => !m.Denominator.IsOne),
            };
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
