using JauntyCompass.Core.Marking;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Progress;

/// <summary>A step that came right at the first try more often than last time.</summary>
/// <param name="Title">What the step is called.</param>
/// <param name="RightBefore">At how many items it was right at once, last time.</param>
/// <param name="Before">At how many items it was asked, last time.</param>
/// <param name="RightNow">At how many items it is right at once, this time.</param>
/// <param name="Now">At how many items it was asked, this time.</param>
public sealed record BetterStep(Message Title, int RightBefore, int Before, int RightNow, int Now);

/// <summary>
/// What went better with a set than with the one before it. It counts what was marked and nothing else: no points, no rank; where
/// nothing went better, it says nothing.
/// </summary>
/// <param name="PutRight">At how many items a later try was right after the first was not.</param>
/// <param name="Steps">Steps that came right more often, most gained first; at most three.</param>
public sealed record GettingBetter(int PutRight, IReadOnlyList<BetterStep> Steps)
{
    // Once is chance: a step must have been asked so often both times, and be right at so much more of it. Common practice, no source.
    private const int LeastAsked = 2;
    private const double LeastGain = 0.25;
    private const int Most = 3;

    /// <summary>Looks at marks.</summary>
    /// <param name="before">The mark of the first try at each item of the set before.</param>
    /// <param name="first">The mark of the first try at each item of this set.</param>
    /// <param name="last">The mark of the last try at each of them, in the same order.</param>
    public static GettingBetter Of(
        IReadOnlyCollection<Mark> before,
        IReadOnlyCollection<Mark> first,
        IReadOnlyCollection<Mark> last
    )
    {
        Dictionary<string, List<StepMark>> then = ByStep(before);
        IEnumerable<BetterStep> steps = ByStep(first)
            .Where(now => now.Value.Count >= LeastAsked)
            .Where(now =>
                then.TryGetValue(now.Key, out List<StepMark>? old) && old.Count >= LeastAsked
            )
            .Select(now => new BetterStep(
                now.Value[0].Title,
                Right(then[now.Key]),
                then[now.Key].Count,
                Right(now.Value),
                now.Value.Count
            ))
            .Where(step => Gain(step) >= LeastGain)
            .OrderByDescending(Gain)
            .Take(Most);
        return new GettingBetter(
            first
                .Zip(last)
                .Count(tries =>
                    tries.First.Verdict != Verdict.Accepted
                    && tries.Second.Verdict == Verdict.Accepted
                ),
            [.. steps]
        );
    }

    private static double Gain(BetterStep step) =>
        (double)step.RightNow / step.Now - (double)step.RightBefore / step.Before;

    private static int Right(List<StepMark> steps) =>
        steps.Count(s => s.Verdict == Verdict.Accepted);

    private static Dictionary<string, List<StepMark>> ByStep(IEnumerable<Mark> marks) =>
        marks
            .SelectMany(m => m.Steps ?? [])
            .GroupBy(s => s.Step)
            .ToDictionary(g => g.Key, g => g.ToList());
}
