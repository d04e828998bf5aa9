namespace JauntyCompass.Core.Marking.Steps;

/// <summary>Weighs slips of arithmetic and thinking: each leads to certain numbers, and a sum comes to a number or it does not.</summary>
internal static class Arithmetic
{
    private const double LeastListed = 0.005;

    // Half a degree is for rounding.
    private const double Rounding = 0.6;

    // Of the wrong sums so many come of none of the slips that a step knows. Common practice, no source.
    private const double Unknown = 0.25;

    /// <summary>Causes of a wrong number by likelihood, the likeliest first; never empty.</summary>
    internal static List<Cause> Causes(IReadOnlyList<ArithmeticSlip> slips, double value)
    {
        double shared = slips.Sum(s => s.Mistake.Prior);
        double notExplained = Unknown / 360;
        double[] weights =
        [
            .. slips.Select(s =>
                (1 - Unknown) * s.Mistake.Prior / shared * Density(value, s.Answers)
            ),
        ];
        double sum = notExplained + weights.Sum();
        List<Cause> causes =
        [
            .. slips
                .Select(
                    (s, i) =>
                        new Cause(
                            s.Mistake.Key,
                            s.Mistake.Name,
                            weights[i] / sum,
                            Marking.Evidence.Degrees
                        )
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

    /// <summary>What a number says of every slip.</summary>
    internal static AnswerEvidence Evidence(
        double right,
        IReadOnlyList<ArithmeticSlip> slips,
        double value
    )
    {
        var evidence = new AnswerEvidence(Density(value, [right]), 1.0 / 360);
        foreach (ArithmeticSlip slip in slips.Where(s => s.Answers.Count > 0))
        {
            evidence.Add(slip.Mistake, Density(value, slip.Answers));
        }
        return evidence;
    }

    /// <summary>What each slip would answer.</summary>
    internal static IEnumerable<Prediction> Predict(
        double truth,
        IReadOnlyList<ArithmeticSlip> slips,
        double tolerance,
        Func<double, PredictedAnswer> told
    ) =>
        slips
            .Where(s => s.Answers.Count > 0)
            .Select(s => new Prediction(
                s.Mistake,
                [.. s.Answers.Select(told)],
                s.Answers.All(a => Math.Abs(a - truth) > tolerance)
            ));

    private static double Density(double value, IReadOnlyList<double> answers)
    {
        double sum = 0;
        foreach (double each in answers)
        {
            double off = (value - each) / Rounding;
            sum += Math.Exp(-off * off / 2) / (Rounding * Math.Sqrt(2 * Math.PI));
        }
        return answers.Count == 0 ? 0 : sum / answers.Count;
    }
}
