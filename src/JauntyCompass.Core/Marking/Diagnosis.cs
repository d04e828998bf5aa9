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
        double notExplained = AnswerEvidence.PriorOfNotExplained * Unexplained(situation, figure);
        double known = Math.Min(MostOfHistory, Known(history, mistakes));
        double sum = notExplained;
        for (int i = 0; i < mistakes.Count; i++)
        {
            Foretell(mistakes[i], situation, figure, ref outcomes);
            double prior =
                (1 - known) * mistakes[i].Prior
                + (known > 0 ? MostOfHistory * history.Of(mistakes[i]) : 0);
            weights[i] = prior * Density(situation, figure, answer, mistakes[i], outcomes);
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
            Careful(situation, figure, answer),
            Unexplained(situation, figure)
        )
        {
            Both = figure is null ? (one, other) => Both(situation, answer, one, other) : null,
        };
        for (int i = 0; i < mistakes.Count; i++)
        {
            Foretell(mistakes[i], situation, figure, ref outcomes);
            double? seen =
                (figure is null ? null : mistakes[i].Observe(figure)?.Likelihood)
                ?? mistakes[i].SeenInPlacing(situation);
            double weight = seen is double flaw ? Seen(flaw) : 1;
            if (outcomes.Count > 0)
            {
                evidence.Add(
                    mistakes[i],
                    weight * Density(situation, figure, answer, mistakes[i], outcomes)
                );
            }
            else if (seen is not null)
            {
                // Whether a flaw is to be seen says as much as a number would, also that none is.
                evidence.Add(mistakes[i], weight * AsItStands(situation, figure, answer));
            }
        }
        return evidence;
    }

    // How often work without a habit still shows a given flaw. Common practice, no source.
    private const double UsualFlaw = 0.1;

    // How much likelier work with such a flaw is when the flaw was made than of a hand without the habit, which makes it now and
    // again. Clean work speaks against it.
    private static double Seen(double flaw) =>
        flaw / ((1 - UsualFlaw) * (1 - flaw) + UsualFlaw * flaw);

    // However sure a habit is, each answer may have come about otherwise.
    private const double MostOfHistory = 0.6;

    private static void Foretell(
        Mistake mistake,
        Situation situation,
        DrawnFigure? figure,
        ref Outcomes outcomes
    )
    {
        outcomes.Clear();
        // A drawing says whether the instrument was laid on; with neither a placement nor a dot it was not, and so not wrongly either.
        bool neverLaid = figure is { Dot: null } && situation.Laid is null;
        if (!neverLaid || !mistake.IsOfPlacing)
        {
            mistake.Predict(situation, figure, ref outcomes);
        }
    }

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

    // In a drawing with a dot two things are seen: where the dot stands, which is the number, and how the ray strays from it,
    // which is the straightedge. A mistake with numbers moves the dot, one of ruling moves the ray.
    private static double Density(
        Situation situation,
        DrawnFigure? figure,
        double answer,
        Mistake mistake,
        in Outcomes outcomes
    )
    {
        if (figure?.ValueAtDot is not double atDot)
        {
            return Density(answer, outcomes);
        }
        return mistake.IsOfRuling
            ? Density(answer, outcomes) * Ruled(atDot - situation.Seen)
            : Density(atDot, outcomes) * Ruled(answer - atDot);
    }

    private static double Careful(Situation situation, DrawnFigure? figure, double answer) =>
        Careful(situation.Measure, figure, answer);

    // Careful from there on, however the instrument lies.
    private static double AsItStands(Situation situation, DrawnFigure? figure, double answer) =>
        Careful(situation.Careful ?? situation.Measure, figure, answer);

    private static double Careful(double right, DrawnFigure? figure, double answer)
    {
        var outcome = new Outcome(right, 0);
        return figure?.ValueAtDot is double atDot
            ? Density(atDot, outcome) * Ruled(answer - atDot)
            : Density(answer, outcome);
    }

    // Whatever happened, the ray mostly runs by its dot.
    private static double Unexplained(Situation situation, DrawnFigure? figure) =>
        (figure?.ValueAtDot is null ? 1 : Ruled(2 * RulingNoise)) / situation.FullScale;

    // How far a ray strays from its dot in a careful hand: standard deviation in degrees. Common practice, no source.
    private const double RulingNoise = 1.2;

    private static double Ruled(double strayed) => Density(strayed, 0, RulingNoise * RulingNoise);

    private static double Density(double answer, in Outcomes outcomes)
    {
        double sum = 0;
        double weight = 0;
        for (int i = 0; i < outcomes.Count; i++)
        {
            sum += outcomes[i].Weight * Density(answer, outcomes[i]);
            weight += outcomes[i].Weight;
        }
        return weight == 0 ? 0 : sum / weight;
    }

    /// <summary>Likelihood of a number of degrees when one mistake has been made on top of another, in either order.</summary>
    private static double Both(Situation situation, double answer, Mistake one, Mistake other) =>
        (OnTop(situation, answer, one, other) + OnTop(situation, answer, other, one)) / 2;

    private static double OnTop(Situation situation, double answer, Mistake first, Mistake then)
    {
        Span<Outcome> room = stackalloc Outcome[Outcomes.Most];
        Span<Outcome> more = stackalloc Outcome[Outcomes.Most];
        var outcomes = new Outcomes(room);
        first.Predict(situation, null, ref outcomes);
        double sum = 0;
        double weight = 0;
        for (int i = 0; i < outcomes.Count; i++)
        {
            var final = new Outcomes(more);
            then.Predict(situation.Having(outcomes[i].Degrees), null, ref final);
            // Where the second cannot show any more, the first has the last word.
            double density =
                final.Count == 0 ? Density(answer, outcomes[i]) : Density(answer, final);
            sum += outcomes[i].Weight * density;
            weight += outcomes[i].Weight;
        }
        return weight == 0 ? 0 : sum / weight;
    }

    private static double Density(double answer, Outcome outcome)
    {
        double variance = HandNoise * HandNoise + outcome.Spread * outcome.Spread;
        return Density(answer, outcome.Degrees, variance);
    }

    private static double Density(double value, double mean, double variance)
    {
        double off = value - mean;
        return Math.Exp(-off * off / (2 * variance)) / Math.Sqrt(2 * Math.PI * variance);
    }
}
