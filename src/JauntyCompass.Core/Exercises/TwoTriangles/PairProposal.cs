using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Demonstrations.Triangles;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Triangles;

namespace JauntyCompass.Core.Exercises.TwoTriangles;

/// <summary>What the second of two triangles is to the first.</summary>
public enum PairShape
{
    /// <summary>Similar, larger or smaller.</summary>
    Similar,

    /// <summary>Similar and turned over.</summary>
    Mirrored,

    /// <summary>One side is a little too long or too short for it.</summary>
    OneSideOff,

    /// <summary>Every side is longer by the same length.</summary>
    SameDifference,

    /// <summary>Similar, with a right angle and sides that are whole numbers, such as 3, 4 and 5.</summary>
    WholeNumbers,
}

/// <summary>Proposes pairs of triangles that a ruler can tell apart, or cannot because they are similar.</summary>
internal static class PairProposal
{
    private const int Tries = 2000;

    // In mm: sides that can be measured and fit on the sheet, and between sides of one triangle, so that it is clear which is which.
    private const double Shortest = 26;
    private const double LongestOfFirst = 82;
    private const double LongestOfAll = 104;
    private const double BetweenSides = 5;
    private const double WidestTogether = 180;

    // Nobody reads worse than this, in mm: what is not similar is seen even so.
    private const double WorstReading = 0.99;

    // Pythagorean triples that are not too flat to be measured; Euclid X.29, lemma 1.
    private static readonly (int, int, int)[] Triples = [(3, 4, 5), (5, 12, 13), (8, 15, 17)];

    private static readonly double[] Factors = [1.2, 1.25, 1.3, 1.4, 1.5, 1.6, 0.8, 0.75, 0.7];

    internal static TrianglePair Make(PairShape shape, SeededRandom random)
    {
        for (int i = 0; i < Tries; i++)
        {
            if (Try(shape, random) is TrianglePair pair)
            {
                return pair;
            }
        }
        throw new InvalidOperationException($"No pair of {shape} in {Tries} tries.");
    }

    private static TrianglePair? Try(PairShape shape, SeededRandom random)
    {
        double[] first =
            shape == PairShape.WholeNumbers
                ? Whole(random)
                : [random.Between(26, 60), random.Between(26, 70), random.Between(30, 82)];
        double[] second = Second(shape, first, random);
        if (!IsDrawable(first, LongestOfFirst) || !IsDrawable(second, LongestOfAll))
        {
            return null;
        }
        bool mirrored = shape == PairShape.Mirrored || random.Chance(0.3);
        Triangle one = Named(first, random).Moved(15 * random.Below(24), false, default);
        Triangle other = Named(second, random).Moved(15 * random.Below(24), mirrored, default);
        TrianglePair pair = TriangleSheet.SideBySide(one, other);
        return Fits(pair) && Decides(shape, pair) ? pair : null;
    }

    private static double[] Whole(SeededRandom random)
    {
        (int a, int b, int c) = Triples[random.Below(Triples.Length)];
        int scale = random.Between(Math.Max(1, 26 / a), Math.Max(1, 82 / c));
        return [a * scale, b * scale, c * scale];
    }

    private static double[] Second(PairShape shape, double[] first, SeededRandom random)
    {
        if (shape == PairShape.SameDifference)
        {
            int longer = random.Between(14, 28);
            return [.. first.Select(side => side + longer)];
        }
        double factor = Factors[random.Below(Factors.Length)];
        double[] second = [.. first.Select(side => Math.Round(side * factor, 1))];
        if (shape == PairShape.OneSideOff)
        {
            int side = random.Below(second.Length);
            double share = random.Between(10, 16) / 100.0;
            second[side] = Math.Round(second[side] * (random.Chance(0.5) ? 1 + share : 1 - share));
        }
        return second;
    }

    private static bool IsDrawable(double[] sides, double longest)
    {
        double[] sorted = [.. sides.Order()];
        return sorted[0] >= Shortest
            && sorted[^1] <= longest
            && sorted[1] - sorted[0] >= BetweenSides
            && sorted[2] - sorted[1] >= BetweenSides
            // Flatter ones can hardly be drawn.
            && sorted[0] + sorted[1] >= 1.12 * sorted[2];
    }

    // Letters begin at any corner, so that sides that go together have no letters in the same places.
    private static Triangle Named(double[] sides, SeededRandom random)
    {
        double[] order = [.. sides];
        random.Shuffle(order);
        return Triangle.OfSides(order[0], order[1], order[2]);
    }

    private static bool Fits(TrianglePair pair)
    {
        Point[] corners = [.. pair.First.Corners, .. pair.Second.Corners];
        return corners.Max(p => p.X) - corners.Min(p => p.X) <= WidestTogether
            && corners.Max(p => Math.Abs(p.Y)) <= 62;
    }

    private static bool Decides(PairShape shape, TrianglePair pair) =>
        shape is PairShape.OneSideOff or PairShape.SameDifference
            ? !RatioRange.Agree(pair.Ratios(WorstReading))
            : pair.RatiosAgree;
}
