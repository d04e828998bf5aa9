namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// Finds the habits behind a student's answers. A habit shows in some share of the answers and not in the others; the share is not known,
/// nor is the student's hand, and both are averaged out (Bayes' rule). Weighed against each other are no habit, every habit, every pair
/// of the likeliest, and one that the catalogue does not know.
/// </summary>
public static class HabitFinder
{
    /// <summary>The likeliest habit is stated only from this likelihood upwards.</summary>
    public const double NamedFrom = 0.6;

    /// <summary>A second habit beside it needs more.</summary>
    public const double SecondNamedFrom = 0.67;

    /// <summary>One that noise may look like needs more still.</summary>
    public const double WithinNoiseNamedFrom = 0.9;

    // Before anything is known: half of the students have a habit, a sixth of those two. Common practice, no source.
    private const double PriorOfNone = 0.5;
    private const double PriorOfOne = 0.4;
    private const double PriorOfTwo = 0.08;
    private const double PriorOfUnknown = 0.02;

    // What is stated holds also against a hand that lapses often, with these odds.
    private const double OddsOverLapses = 2;

    // In any answer something may happen once that is no habit. Common practice, no source.
    private const double Accident = 0.035;

    // A pair is weighed only when each of its habits alone is among the likeliest so many.
    private const int PairedAtMost = 4;
    private const int SeenAtMost = 2;
    private const double LeastPaired = 0.02;
    private const double LeastListed = 0.005;

    // From here on another habit is taken to be there when it is asked in how many answers one showed.
    private const double Beside = 0.5;

    /// <summary>Weighs the habits behind some answers.</summary>
    /// <param name="answers">What each answered question says.</param>
    /// <param name="among">The mistakes that the questions can show.</param>
    public static Beliefs Find(IReadOnlyList<AnswerEvidence> answers, IReadOnlyList<Mistake> among)
    {
        if (answers.Count == 0)
        {
            return Beliefs.None;
        }
        // Of what could show in none of these answers nothing can be said.
        Mistake[] habits = [.. among.Where(m => m.CanBeHabit && CanShow(m, answers))];
        var answered = new AnswerTable(answers, habits, Accident);
        var table = new Likelihoods(answered);
        double[] prior = Priors(habits);

        double[] single = new double[habits.Length];
        for (int h = 0; h < habits.Length; h++)
        {
            single[h] = table.One(h);
        }
        (int One, int Other, double Likelihood)[] pairs = Pairs(table, habits, single);
        double unknown = table.Unknown();
        double none = table.None();

        // All are logarithms still; the largest becomes 1.
        double top = Math.Max(none, unknown);
        foreach (double each in single)
        {
            top = Math.Max(top, each);
        }
        foreach ((_, _, double each) in pairs)
        {
            top = Math.Max(top, each);
        }
        double[] marginal = new double[habits.Length];
        none = PriorOfNone * Math.Exp(none - top);
        unknown = PriorOfUnknown * Math.Exp(unknown - top);
        double sum = none + unknown;
        for (int h = 0; h < habits.Length; h++)
        {
            marginal[h] = PriorOfOne * prior[h] * Math.Exp(single[h] - top);
            sum += marginal[h];
        }
        foreach ((int one, int other, double likelihood) in pairs)
        {
            double weight = PriorOfTwo * 2 * prior[one] * prior[other] * Math.Exp(likelihood - top);
            marginal[one] += weight;
            marginal[other] += weight;
            sum += weight;
        }
        return Believed(
            answered,
            table,
            new Weights(prior, [.. marginal.Select(each => each / sum)], unknown / sum, none / sum)
        );
    }

    // How likely each habit is before anything is known and after; one that is not in the catalogue; none.
    private sealed record Weights(double[] Prior, double[] Habits, double Unknown, double None);

    // Pairs of those that alone are likely enough.
    private static (int One, int Other, double Likelihood)[] Pairs(
        Likelihoods table,
        Mistake[] habits,
        double[] single
    )
    {
        int[] likely = Likeliest(habits, single, table.None());
        var pairs = new List<(int, int, double)>(PairedAtMost + 1);
        for (int a = 0; a < Math.Min(2, likely.Length); a++)
        {
            // Every likely one beside the likeliest, and the second beside the third.
            for (int b = a + 1; b < (a == 0 ? likely.Length : Math.Min(3, likely.Length)); b++)
            {
                pairs.Add((likely[a], likely[b], table.Two(likely[a], likely[b])));
            }
        }
        return [.. pairs];
    }

    private static bool CanShow(Mistake mistake, IReadOnlyList<AnswerEvidence> answers)
    {
        int place = mistake.Place;
        for (int i = 0; i < answers.Count; i++)
        {
            if (answers[i].CanShow(place))
            {
                return true;
            }
        }
        return false;
    }

    private static Beliefs Believed(AnswerTable answered, Likelihoods table, Weights weights)
    {
        var caution = new HabitCaution(answered, table);
        Mistake[] habits = answered.Habits;
        int[] order = [.. Enumerable.Range(0, habits.Length)];
        Array.Sort(order, (a, b) => weights.Habits[b].CompareTo(weights.Habits[a]));
        var found = new List<HabitBelief>(4);
        foreach (int h in order.TakeWhile(h => weights.Habits[h] >= LeastListed))
        {
            double likelihood = weights.Habits[h];
            int next = h == order[0] ? (order.Length > 1 ? order[1] : -1) : order[0];
            int? beside = next >= 0 && weights.Habits[next] >= Beside ? next : null;
            found.Add(
                new HabitBelief(
                    habits[h].Key,
                    habits[h].Name,
                    likelihood,
                    likelihood >= NamedFrom
                        && caution.ShowsAsAHabit(h, beside)
                        && !MayBeLapses(
                            caution.RatioOfLapsingHand(h, beside),
                            weights.Prior[h],
                            beside is not null
                        )
                )
            );
        }
        if (weights.Unknown >= LeastListed)
        {
            found.Add(
                new HabitBelief(
                    Diagnosis.NotExplained,
                    Diagnosis.NotExplainedName,
                    weights.Unknown,
                    weights.Unknown >= NamedFrom
                )
            );
        }
        found.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        for (int i = 0; i < found.Count; i++)
        {
            found[i] = found[i] with
            {
                Named = found[i].Named && found[i].Likelihood >= Threshold(found[i], i == 0),
            };
        }
        Span<double> hands = stackalloc double[HandModel.Count];
        // The hand is seen best beside what the student most likely does.
        bool hasHabit = order.Length > 0 && weights.Habits[order[0]] > weights.None;
        table.AllHands(hasHabit ? order[0] : null, hands);
        return new Beliefs(answered.Evidence.Count, weights.None, found) { Hands = hands };
    }

    // A student of whom it were known that they lapse often would still be said to have it.
    private static bool MayBeLapses(double ratio, double prior, bool besideAnother) =>
        (besideAnother ? 2 * PriorOfTwo / PriorOfOne : PriorOfOne / PriorOfNone) * prior * ratio
        < OddsOverLapses;

    private static double Threshold(HabitBelief belief, bool likeliest) =>
        MistakeCatalogue.Find(belief.Mistake) is { IsWithinNoise: true } ? WithinNoiseNamedFrom
        : likeliest ? NamedFrom
        : SecondNamedFrom;

    // Half of what is expected follows the catalogue's shares, half takes every habit for equally likely: a rare one must be
    // found, too.
    private static double[] Priors(Mistake[] habits)
    {
        double all = habits.Sum(h => h.Prior);
        return [.. habits.Select(h => (h.Prior / all + 1.0 / habits.Length) / 2)];
    }

    // A habit that alone is much less likely than none adds nothing to another one either.
    private static int[] Likeliest(Mistake[] habits, double[] single, double none)
    {
        double least = none + Math.Log(LeastPaired);
        int[] order = [.. Enumerable.Range(0, single.Length).Where(h => single[h] >= least)];
        Array.Sort(order, (a, b) => single[b].CompareTo(single[a]));
        // What is seen on the sheet does not vie with what explains the numbers: it has places of its own.
        return
        [
            .. order.Take(PairedAtMost),
            .. order.Skip(PairedAtMost).Where(h => OnTheSheet.Contains(habits[h])).Take(SeenAtMost),
        ];
    }

    private static readonly HashSet<Mistake> OnTheSheet = [.. MistakeCatalogue.DrawingOnly];
}
