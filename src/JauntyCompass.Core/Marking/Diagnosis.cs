namespace JauntyCompass.Core.Marking;

/// <summary>
/// Marking runs the mistakes backwards: each states the answers it would lead to, and the answer that was given makes some of
/// them likelier than others (Bayes' rule over the catalogue and "not explained").
/// </summary>
public static class Diagnosis
{
    /// <summary>Key of the cause that stands for all that the catalogue does not know.</summary>
    public const string NotExplained = "not-explained";

    /// <summary>A cause is named only from this likelihood upwards.</summary>
    public const double NamedFrom = 0.6;

    // How finely a hand and eye read when nothing else goes wrong: standard deviation in degrees. Common practice, no source.
    private const double HandNoise = 1.0;

    // A share of wrong answers, before anything is known. Common practice, no source.
    private const double PriorOfNotExplained = 0.12;

    private const double LeastListed = 0.005;

    /// <summary>Weighs all mistakes against the number of degrees that came out.</summary>
    /// <param name="situation">The true situation.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="answer">The answer, in degrees.</param>
    /// <param name="mistakes">The mistakes that the exercise can show.</param>
    /// <returns>Causes by likelihood, the likeliest first; together with those too unlikely to list they sum to 1.</returns>
    public static List<Cause> Weigh(
        Situation situation,
        DrawnFigure? figure,
        double answer,
        IReadOnlyList<Mistake> mistakes
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<double> weights = stackalloc double[mistakes.Count];
        var outcomes = new Outcomes(room);
        double notExplained = PriorOfNotExplained / situation.FullScale;
        double sum = notExplained;
        for (int i = 0; i < mistakes.Count; i++)
        {
            outcomes.Clear();
            mistakes[i].Predict(situation, figure, ref outcomes);
            weights[i] = mistakes[i].Prior * Density(answer, outcomes);
            sum += weights[i];
        }

        var causes = new List<Cause>(4);
        for (int i = 0; i < mistakes.Count; i++)
        {
            AddIfLikely(causes, mistakes[i].Key, mistakes[i].Name, weights[i] / sum);
        }
        AddIfLikely(causes, NotExplained, "not explained: look at the work", notExplained / sum);
        causes.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        return causes;
    }

    private static void AddIfLikely(List<Cause> causes, string key, string name, double likelihood)
    {
        if (likelihood >= LeastListed)
        {
            causes.Add(new Cause(key, name, likelihood, Evidence.Degrees));
        }
    }

    private static double Density(double answer, in Outcomes outcomes)
    {
        double sum = 0;
        for (int i = 0; i < outcomes.Count; i++)
        {
            sum += Density(answer, outcomes[i]);
        }
        return outcomes.Count == 0 ? 0 : sum / outcomes.Count;
    }

    private static double Density(double answer, Outcome outcome)
    {
        double variance = HandNoise * HandNoise + outcome.Spread * outcome.Spread;
        double off = answer - outcome.Degrees;
        return Math.Exp(-off * off / (2 * variance)) / Math.Sqrt(2 * Math.PI * variance);
    }
}
