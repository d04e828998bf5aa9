using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Locales;

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

    internal static Message NotExplainedName => Text.Mistakes.NotExplained.Unknown;

    private const double LeastListed = 0.005;

    /// <summary>Weighs all mistakes against the number of degrees that came out.</summary>
    /// <param name="context">The true context.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="answer">The answer, in degrees.</param>
    /// <param name="mistakes">The mistakes that the exercise can show.</param>
    /// <param name="history">What is known of the student: a habit makes its mistake likelier here, too.</param>
    /// <param name="tolerance">Degrees of error that are accepted.</param>
    /// <returns>Causes by likelihood, the likeliest first; together with those too unlikely to list they sum to 1.</returns>
    public static List<Cause> Weigh(
        MarkingContext context,
        DrawnFigure? figure,
        double answer,
        IReadOnlyList<InstrumentMistake> mistakes,
        Beliefs history,
        double tolerance
    )
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<double> weights = stackalloc double[mistakes.Count];
        Span<double> likelihoods = stackalloc double[HandModel.Count];
        var outcomes = new Outcomes(room);
        var seen = new SeenAnswer(context, figure, answer);
        ReadOnlySpan<double> hands = history.Hands;
        double notExplained = NotExplainedBy(seen, hands, tolerance, likelihoods);
        double known = Math.Min(MostOfHistory, Known(history, mistakes));
        double sum = notExplained;
        for (int i = 0; i < mistakes.Count; i++)
        {
            seen.Predict(mistakes[i], ref outcomes);
            double prior =
                (1 - known) * mistakes[i].Prior
                + (known > 0 ? MostOfHistory * history.Of(mistakes[i]) : 0);
            likelihoods.Clear();
            // How the instrument lay says as much of a mistake of laying it as the number does.
            seen.AddOf(mistakes[i], outcomes, prior * seen.SeenInPlacing(mistakes[i]), likelihoods);
            weights[i] = Average(likelihoods, hands);
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

    // What the catalogue does not know, and what a hand without a mistake does now and again.
    private static double NotExplainedBy(
        SeenAnswer seen,
        ReadOnlySpan<double> hands,
        double tolerance,
        Span<double> likelihoods
    )
    {
        Span<double> outside = stackalloc double[likelihoods.Length];
        seen.Unexplained(likelihoods);
        double unknown = AnswerEvidence.PriorOfNotExplained * Average(likelihoods, hands);
        HandModel.Outside(tolerance, outside);
        // Of the wrong answers so many are the hand's; among hands those that are often outside make more of them.
        return unknown + PriorOfHand * Average(seen.Careful, hands) / Average(outside, hands);
    }

    private static double Average(ReadOnlySpan<double> likelihoods, ReadOnlySpan<double> hands)
    {
        double sum = 0;
        for (int hand = 0; hand < hands.Length; hand++)
        {
            sum += hands[hand] * likelihoods[hand];
        }
        return sum;
    }

    /// <summary>What a number of degrees says of every mistake.</summary>
    /// <param name="context">The true context.</param>
    /// <param name="figure">The drawing, when one was made.</param>
    /// <param name="answer">The answer, in degrees.</param>
    /// <param name="mistakes">The mistakes that the exercise can show.</param>
    /// <param name="tolerance">Degrees of error that are accepted.</param>
    public static AnswerEvidence Evidence(
        MarkingContext context,
        DrawnFigure? figure,
        double answer,
        IReadOnlyList<InstrumentMistake> mistakes,
        double tolerance
    )
    {
        var seen = new SeenAnswer(context, figure, answer);
        Span<double> likelihoods = stackalloc double[HandModel.Count];
        Span<double> unexplained = stackalloc double[HandModel.Count];
        seen.Unexplained(unexplained);
        var evidence = new AnswerEvidence(seen.Careful, unexplained)
        {
            Both = (one, other, both) =>
                seen.AddGiven((InstrumentMistake)one, (InstrumentMistake)other, both),
        };
        foreach (InstrumentMistake mistake in mistakes)
        {
            likelihoods.Clear();
            if (seen.AddGiven(mistake, tolerance, likelihoods))
            {
                evidence.Add(mistake, likelihoods);
            }
        }
        return evidence;
    }

    // Of wrong answers so many come of noise, rounding or a lapse and of no mistake. Common practice, no source.
    private const double PriorOfHand = 0.01;

    // However sure a habit is, each answer may have come about otherwise.
    private const double MostOfHistory = 0.6;

    private static double Known(Beliefs history, IReadOnlyList<InstrumentMistake> mistakes)
    {
        double sum = 0;
        for (int i = 0; history.Habits.Count > 0 && i < mistakes.Count; i++)
        {
            sum += history.Of(mistakes[i]);
        }
        return sum;
    }

    private static void AddIfLikely(List<Cause> causes, string key, Message name, double likelihood)
    {
        if (likelihood >= LeastListed)
        {
            causes.Add(new Cause(key, name, likelihood, Marking.Evidence.Degrees));
        }
    }
}
