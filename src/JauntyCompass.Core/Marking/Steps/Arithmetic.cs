using JauntyCompass.Core.Marking.Predictions;
using JauntyCompass.Core.Marking.Sums;

namespace JauntyCompass.Core.Marking.Steps;

/// <summary>Weighs mistakes in a sum: each leads to certain numbers, and a sum comes to a number or it does not.</summary>
internal static class Arithmetic
{
    private const double LeastListed = 0.005;

    // Half a degree is for rounding.
    private const double Rounding = 0.6;

    // Of the wrong sums so many come of none of the slips that a step knows. Common practice, no source.
    private const double Unknown = 0.25;

    /// <summary>Causes of a wrong number by likelihood, the likeliest first; never empty.</summary>
    internal static List<Cause> Causes<TSum>(
        TSum own,
        IReadOnlyList<SumMistake<TSum>> mistakes,
        double value
    )
        where TSum : ISum
    {
        double shared = mistakes.Sum(m => m.Prior);
        double notExplained = Unknown / 360;
        double[] weights =
        [
            .. mistakes.Select(m =>
                (1 - Unknown)
                * m.Prior
                / shared
                * Density(value, PredictionCatalogue.Predict(m, own))
            ),
        ];
        double sum = notExplained + weights.Sum();
        List<Cause> causes =
        [
            .. mistakes
                .Select(
                    (m, i) => new Cause(m.Key, m.Name, weights[i] / sum, Marking.Evidence.Degrees)
                )
                .Where(c => c.Likelihood >= LeastListed),
            new Cause(
                Diagnosis.NotExplained,
                Diagnosis.NotExplainedName,
                notExplained / sum,
                Marking.Evidence.Degrees
            ),
        ];
        causes.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        return causes;
    }

    /// <summary>What a number says of every mistake.</summary>
    internal static AnswerEvidence Evidence<TSum>(
        TSum own,
        IReadOnlyList<SumMistake<TSum>> mistakes,
        double value
    )
        where TSum : ISum
    {
        var evidence = new AnswerEvidence(Density(value, [own.Result]), 1.0 / 360);
        foreach (SumMistake<TSum> mistake in mistakes)
        {
            evidence.Add(mistake, Density(value, PredictionCatalogue.Predict(mistake, own)));
        }
        return evidence;
    }

    private static double Density(double value, IReadOnlyList<double> answers)
    {
        double sum = 0;
        foreach (double each in answers)
        {
            double off = (value - each) / Rounding;
            sum += Math.Exp(-off * off / 2) / (Rounding * Math.Sqrt(2 * Math.PI));
        }
        return sum / answers.Count;
    }
}
