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
        var seen = new SeenAnswer(situation, figure, answer);
        double notExplained = AnswerEvidence.PriorOfNotExplained * seen.Unexplained;
        double known = Math.Min(MostOfHistory, Known(history, mistakes));
        double sum = notExplained;
        for (int i = 0; i < mistakes.Count; i++)
        {
            seen.Foretell(mistakes[i], ref outcomes);
            double prior =
                (1 - known) * mistakes[i].Prior
                + (known > 0 ? MostOfHistory * history.Of(mistakes[i]) : 0);
            weights[i] = prior * seen.Of(mistakes[i], outcomes);
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
        var seen = new SeenAnswer(situation, figure, answer);
        var evidence = new AnswerEvidence(seen.Careful, seen.Unexplained) { Both = seen.Given };
        foreach (Mistake mistake in mistakes)
        {
            if (seen.Given(mistake) is double given)
            {
                evidence.Add(mistake, given);
            }
        }
        return evidence;
    }

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
}
