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
/// <param name="corresponding">The side of the second triangle that goes with a side of the first.</param>
/// <param name="own">The student's own length of a side, in mm: of the second triangle or the first, by side.</param>
internal sealed class RatioConclusion(
    TrianglePair pair,
    Func<int, int> corresponding,
    Func<bool, int, double> own
)
{
    // As large as each other, as far as an eye can tell.
    private const double LeastAlike = 0.9;
    private const double MostAlike = 1.1;

    private static IEnumerable<int> Sides => Enumerable.Range(0, Triangle.Count);

    private double Length(bool second, int side) => (second ? pair.Second : pair.First).Side(side);

    private bool Agree(Func<bool, int, double> length) =>
        RatioRange.Agree([
            .. Sides.Select(side =>
                RatioRange.Of(length(true, corresponding(side)), length(false, side))
            ),
        ]);

    private double Difference(int side) => Length(true, corresponding(side)) - Length(false, side);

    // As a hand measures them.
    private bool DifferencesAreEqual =>
        Sides.Max(Difference) - Sides.Min(Difference) <= 2 * RatioRange.RulerError;

    private bool LookAlike =>
        pair.Second.Longest / pair.First.Longest is > LeastAlike and < MostAlike;

    /// <summary>Similar or not.</summary>
    internal IReadOnlyList<Option> Decisions()
    {
        bool truth = Agree(Length);
        bool follows = Agree(own);
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
        if (similar == LookAlike)
        {
            yield return MistakeInContext.Of<LooksSimilar>();
        }
    }

    /// <summary>Why.</summary>
    internal IReadOnlyList<Option> Reasons()
    {
        bool truth = Agree(Length);
        bool follows = Agree(own);
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
