using JauntyCompass.Core.Demonstrations.Triangles;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Similar;

/// <summary>How two triangles are alike, and look.</summary>
/// <param name="EqualAngles">How many angles they share: 3, 1 or 0.</param>
/// <param name="Shown">Of similar ones: whether two equal angles are written in both.</param>
/// <param name="SameSize">Whether they look as large as each other.</param>
internal sealed record SimilarShape(int EqualAngles, bool Shown, bool SameSize);

/// <summary>Proposes two triangles with two angles written in each.</summary>
internal static class SimilarProposal
{
    private const int Tries = 2000;

    // In degrees: angles that are easily drawn, and between those of one triangle.
    private const int LeastAngle = 28;
    private const int MostAngle = 118;
    private const int Apart = 7;

    // A third angle is never nearer to another one than this; written numbers decide, not the eye.
    private const int LeastDifference = 3;

    // In mm.
    private const double Large = 92;
    private const double Small = 62;

    /// <summary>What comes in turn.</summary>
    internal static IReadOnlyList<SimilarShape> Shapes { get; } =
    [
        new(3, Shown: false, SameSize: false),
        new(1, Shown: false, SameSize: true),
        new(3, Shown: true, SameSize: false),
        new(3, Shown: false, SameSize: false),
        new(0, Shown: false, SameSize: true),
        new(1, Shown: false, SameSize: true),
    ];

    internal static SimilarItem Make(SimilarShape shape, SeededRandom random)
    {
        for (int i = 0; i < Tries; i++)
        {
            int[]? first = Angles(random);
            int[]? second = first is null ? null : Second(shape, first, random);
            if (first is null || second is null)
            {
                continue;
            }
            random.Shuffle(first);
            random.Shuffle(second);
            (int hidden, int otherHidden) = (random.Below(3), random.Below(3));
            bool swapped = random.Chance(0.5);
            double one = shape.SameSize || swapped ? Large : Small;
            double other = shape.SameSize || !swapped ? Large : Small;
            TrianglePair pair = TriangleSheet.SideBySide(
                Drawn(first, one, random),
                Drawn(second, other, random)
            );
            var item = new SimilarItem(
                Text.Kinds.Similar.Prompt,
                new WrittenTriangle(pair.First, first, hidden),
                new WrittenTriangle(pair.Second, second, otherHidden),
                random.Below(3)
            );
            bool asWanted =
                item.EqualAngles == shape.EqualAngles
                && (item.EqualShown == 2) == shape.Shown
                // By its letters it would be right by chance.
                && item.Corresponding != item.Side;
            if (asWanted)
            {
                return item;
            }
        }
        throw new InvalidOperationException($"No {shape} in {Tries} tries.");
    }

    private static int[]? Angles(SeededRandom random)
    {
        int one = random.Between(LeastAngle, MostAngle);
        int two = random.Between(LeastAngle, MostAngle);
        return Usable([one, two, 180 - one - two]);
    }

    private static int[]? Usable(int[] angles)
    {
        int[] sorted = [.. angles.Order()];
        return
            sorted[0] >= LeastAngle
            && sorted[1] - sorted[0] >= Apart
            && sorted[2] - sorted[1] >= Apart
            ? angles
            : null;
    }

    private static int[]? Second(SimilarShape shape, int[] first, SeededRandom random)
    {
        if (shape.EqualAngles == 3)
        {
            return [.. first];
        }
        int by = random.Between(LeastDifference, 9) * (random.Chance(0.5) ? 1 : -1);
        int keep = shape.EqualAngles == 1 ? 0 : random.Between(LeastDifference, 6);
        int[] second = [first[0] + keep, first[1] + by, first[2] - by - keep];
        // None of them may become another one.
        bool apart = second.All(a => first.All(b => a == b || Math.Abs(a - b) >= LeastDifference));
        return apart ? Usable(second) : null;
    }

    private static Triangle Drawn(int[] angles, double longest, SeededRandom random) =>
        Triangle
            .OfAngles(angles[0], angles[1], longest)
            .Moved(15 * random.Below(24), random.Chance(0.5), default);
}
