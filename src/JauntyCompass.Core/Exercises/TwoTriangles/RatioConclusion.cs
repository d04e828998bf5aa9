using JauntyCompass.Core.Answers;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Triangles;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.TwoTriangles;

/// <summary>
/// Whether two triangles are similar, and why: as they are, and as it follows from the lengths that a student has measured. Either is right.
/// </summary>
/// <param name="pair">The triangles as they are.</param>
/// <param name="own">The student's own length of a side, in mm: of the second triangle or the first, by side.</param>
internal sealed class RatioConclusion(TrianglePair pair, Func<bool, int, double> own)
{
    private static IEnumerable<int> Sides => Enumerable.Range(0, Triangle.Count);

    private bool Follows =>
        RatioRange.Agree([
            .. Sides.Select(side =>
                RatioRange.Of(own(true, pair.Corresponding(side)), own(false, side))
            ),
        ]);

    private double Difference(int side) =>
        pair.Second.Side(pair.Corresponding(side)) - pair.First.Side(side);

    // As a hand measures them.
    private bool DifferencesAreEqual =>
        Sides.Max(Difference) - Sides.Min(Difference) <= 2 * RatioRange.RulerError;

    /// <summary>Similar or not.</summary>
    internal IReadOnlyList<Option> Decisions()
    {
        bool truth = pair.RatiosAgree;
        bool follows = Follows;
        return
        [
            Decided("yes", Text.Units.Yes, similar: true),
            Decided("no", Text.Units.No, similar: false),
        ];

        Option Decided(string key, Message text, bool similar) =>
            new(key, text, similar == truth || similar == follows)
            {
                Causes = similar == truth ? [] : [.. CausesOf(similar)],
            };
    }

    private IEnumerable<MistakeInContext> CausesOf(bool similar)
    {
        if (similar == DifferencesAreEqual)
        {
            yield return MistakeInContext.Of<ComparedDifferences>();
        }
        if (similar == pair.LookAsLarge)
        {
            yield return MistakeInContext.Of<LooksSimilar>();
        }
    }

    /// <summary>Why.</summary>
    internal IReadOnlyList<Option> Reasons()
    {
        bool truth = pair.RatiosAgree;
        bool follows = Follows;
        return
        [
            new Option("agree", Text.Kinds.TwoTriangles.BecauseAgree, truth || follows),
            new Option("differ", Text.Kinds.TwoTriangles.BecauseDiffer, !truth || !follows),
            new Option("differences", Text.Kinds.TwoTriangles.BecauseDifferences)
            {
                Causes = [MistakeInContext.Of<ComparedDifferences>()],
            },
            new Option("looks", Text.Kinds.TwoTriangles.BecauseLooks)
            {
                Causes = [MistakeInContext.Of<LooksSimilar>()],
            },
        ];
    }
}
