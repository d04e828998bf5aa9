using JauntyCompass.Core.Marking;

namespace JauntyCompass.Core.Progress;

/// <summary>What one student's marks on one set say together.</summary>
/// <param name="Answered">Items answered.</param>
/// <param name="Accepted">Items accepted at the last try.</param>
/// <param name="LikelyCause">
/// The cause that explains most of what went wrong, <c>not-explained</c> when none does, or null when nothing went wrong.
/// </param>
/// <param name="Weight">How many answers' worth of likelihood that cause has.</param>
public sealed record StudentProgress(int Answered, int Accepted, string? LikelyCause, double Weight)
{
    // Flaws seen on the sheet count less than wrong degrees: three missing arcs are no reason to teach the scale again.
    private const double WeightOfSheetFlaw = 0.5;

    /// <summary>Sums up marks.</summary>
    /// <param name="firstTries">The mark of the first try at each answered item: there a habit shows.</param>
    /// <param name="lastTries">The mark of the last try at each answered item.</param>
    public static StudentProgress Of(
        IReadOnlyCollection<Mark> firstTries,
        IReadOnlyCollection<Mark> lastTries
    )
    {
        var weights = new Dictionary<string, double>();
        foreach (Mark mark in firstTries)
        {
            foreach (Cause cause in mark.Causes)
            {
                double weight =
                    cause.Evidence == Evidence.Degrees
                        ? cause.Likelihood
                        : cause.Likelihood * WeightOfSheetFlaw;
                weights[cause.Mistake] = weights.GetValueOrDefault(cause.Mistake) + weight;
            }
            if (mark.Causes.Count == 0 && mark.LikelyCause is string alone)
            {
                weights[alone] = weights.GetValueOrDefault(alone) + 1;
            }
        }
        int accepted = lastTries.Count(m => m.Verdict == Verdict.Accepted);
        if (weights.Count == 0)
        {
            return new StudentProgress(lastTries.Count, accepted, null, 0);
        }
        (string key, double most) = weights
            .OrderByDescending(w => w.Value)
            .ThenBy(w => w.Key, StringComparer.Ordinal)
            .First();
        return new StudentProgress(lastTries.Count, accepted, key, most);
    }
}
