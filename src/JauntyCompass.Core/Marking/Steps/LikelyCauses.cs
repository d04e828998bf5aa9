namespace JauntyCompass.Core.Marking.Steps;

/// <summary>Which of the mistakes that lead to wrong answers at a step has led to one of them (Bayes' rule).</summary>
internal static class LikelyCauses
{
    private const double LeastListed = 0.005;

    /// <summary>The causes by likelihood, the likeliest first; together with those too unlikely to list they sum to 1.</summary>
    /// <param name="led">Every mistake that leads to a wrong answer here, and how likely the answer is if it was made.</param>
    /// <param name="anyhow">How likely the answer is if nothing is known of how it came about.</param>
    /// <param name="unknown">The share of the wrong answers that come of none of these mistakes.</param>
    internal static List<Cause> Of(
        IReadOnlyList<(Mistake Mistake, double Likelihood)> led,
        double anyhow,
        double unknown
    )
    {
        double shared = led.Sum(l => l.Mistake.Prior);
        double notExplained = unknown * anyhow;
        double[] weights =
        [
            .. led.Select(l => (1 - unknown) * l.Mistake.Prior / shared * l.Likelihood),
        ];
        double sum = notExplained + weights.Sum();
        List<Cause> causes =
        [
            .. led.Select(
                (l, i) =>
                    new Cause(l.Mistake.Key, l.Mistake.Name, weights[i] / sum, Evidence.Choice)
            ),
            new Cause(
                Diagnosis.NotExplained,
                Diagnosis.NotExplainedName,
                notExplained / sum,
                Evidence.Choice
            ),
        ];
        causes.RemoveAll(c => c.Likelihood < LeastListed);
        causes.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        return causes;
    }
}
