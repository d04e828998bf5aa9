using JauntyCompass.Core.Marking.Habits;

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

    internal const string NotExplainedName = "not explained: look at the work";

    private const double LeastListed = 0.005;

    /// <summary>Weighs all mistakes against the number of degrees that came out.</summary>
    /// <param name="situation">The true situation.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="answer">The answer, in degrees.</param>
    /// <param name="mistakes">The mistakes that the exercise can show.</param>
    /// <param name="history">What is known of the student: a habit makes its mistake likelier here, too.</param>
    /// <returns>Causes by likelihood, the likeliest first; together with those too unlikely to list they sum to 1.</returns>
    public static List<Cause> Weigh(
        Situation situation,
        DrawnFigure? figure,
        double answer,
        IReadOnlyList<Mistake> mistakes,
        Beliefs history
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<double> weights = stackalloc double[mistakes.Count];
        var outcomes = new Outcomes(room);
        double notExplained = AnswerEvidence.PriorOfNotExplained / situation.FullScale;
        double known = Math.Min(MostOfHistory, Known(history, mistakes));
        double sum = notExplained;
        for (int i = 0; i < mistakes.Count; i++)
        {
            outcomes.Clear();
            mistakes[i].Predict(situation, figure, ref outcomes);
            double prior =
                (1 - known) * mistakes[i].Prior
                + (known > 0 ? MostOfHistory * history.Of(mistakes[i]) : 0);
            weights[i] = prior * Density(answer, outcomes);
            sum += weights[i];
        }

        var causes = new List<Cause>(4);
        for (int i = 0; i < mistakes.Count; i++)
        {
            AddIfLikely(causes, mistakes[i].Key, mistakes[i].Name, weights[i] / sum);
        }
        AddIfLikely(causes, NotExplained, NotExplainedName, notExplained / sum);
        causes.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        return causes;
    }

    /// <summary>What a number of degrees says of every mistake.</summary>
    /// <param name="situation">The true situation.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="answer">The answer, in degrees.</param>
    /// <param name="mistakes">The mistakes that the exercise can show.</param>
    public static AnswerEvidence Evidence(
        Situation situation,
        DrawnFigure? figure,
        double answer,
        IReadOnlyList<Mistake> mistakes
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        var evidence = new AnswerEvidence(
            Density(answer, new Outcome(situation.Measure, 0)),
            1 / situation.FullScale
        );
        for (int i = 0; i < mistakes.Count; i++)
        {
            outcomes.Clear();
            mistakes[i].Predict(situation, figure, ref outcomes);
            if (outcomes.Count > 0)
            {
                evidence.Add(mistakes[i], Density(answer, outcomes));
            }
            else if (figure is not null && mistakes[i].Observe(figure) is Observation seen)
            {
                // Whether a flaw is to be seen says as much as a number would; the angle itself says nothing of it.
                evidence.Add(mistakes[i], evidence.Careful * seen.Likelihood / UsualFlaw);
            }
        }
        return evidence;
    }

    // How often a drawing without a habit still shows a given flaw. Common practice, no source.
    private const double UsualFlaw = 0.1;

    // However sure a habit is, each answer may have come about otherwise.
    private const double MostOfHistory = 0.6;

    private static double Known(Beliefs history, IReadOnlyList<Mistake> mistakes)
    {
        double sum = 0;
        for (int i = 0; history.Habits.Count > 0 && i < mistakes.Count; i++)
        {
            sum += history.Of(mistakes[i]);
        }
        return sum;
    }

    private static void AddIfLikely(List<Cause> causes, string key, string name, double likelihood)
    {
        if (likelihood >= LeastListed)
        {
            causes.Add(new Cause(key, name, likelihood, Marking.Evidence.Degrees));
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
