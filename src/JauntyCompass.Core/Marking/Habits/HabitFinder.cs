namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// Finds the habits behind a student's answers. A habit shows in some share of the answers and not in the others, so one
/// clear answer among careful ones speaks for it as well as many do. Every habit, every pair of habits, none, and one that the
/// catalogue does not know are weighed against each other (Bayes' rule); the share is not known and is averaged out.
/// </summary>
public static class HabitFinder
{
    /// <summary>A habit is named only from this likelihood upwards.</summary>
    public const double NamedFrom = 0.6;

    // Before anything is known. Common practice, no source.
    private const double PriorOfNone = 0.55;
    private const double PriorOfOne = 0.3;
    private const double PriorOfTwo = 0.1;
    private const double PriorOfUnknown = 0.05;

    // In any answer something may happen once that is no habit. Common practice, no source.
    private const double Accident = 0.06;

    // A pair is weighed only when each of its habits alone is among the likeliest so many.
    private const int PairedAtMost = 7;
    private const double LeastListed = 0.005;

    // Shares of the answers in which a habit shows.
    private static readonly double[] Shares = [0.2, 0.35, 0.5, 0.65, 0.8, 0.95];

    /// <summary>Weighs the habits behind some answers.</summary>
    /// <param name="answers">What each answered question says.</param>
    /// <param name="among">The mistakes that the questions can show.</param>
    public static Beliefs Find(IReadOnlyList<AnswerEvidence> answers, IReadOnlyList<Mistake> among)
    {
        if (answers.Count == 0)
        {
            return Beliefs.None;
        }
        Mistake[] habits = [.. among.Where(m => m.CanBeHabit)];
        var table = new Table(answers, habits);
        double[] prior = Priors(habits);

        double none = PriorOfNone;
        double[] single = new double[habits.Length];
        for (int h = 0; h < habits.Length; h++)
        {
            single[h] = PriorOfOne * prior[h] * table.One(h);
        }
        double unknown = PriorOfUnknown * table.Unknown();
        double[] marginal = [.. single];
        double sum = none + unknown + single.Sum();
        int[] likely = Likeliest(single, prior);
        for (int a = 0; a < likely.Length; a++)
        {
            for (int b = a + 1; b < likely.Length; b++)
            {
                (int one, int other) = (likely[a], likely[b]);
                double weight = PriorOfTwo * 2 * prior[one] * prior[other] * table.Two(one, other);
                marginal[one] += weight;
                marginal[other] += weight;
                sum += weight;
            }
        }
        return Told(answers.Count, habits, marginal, unknown, none, sum);
    }

    private static Beliefs Told(
        int answers,
        Mistake[] habits,
        double[] marginal,
        double unknown,
        double none,
        double sum
    )
    {
        var told = new List<HabitBelief>(4);
        for (int h = 0; h < habits.Length; h++)
        {
            double likelihood = marginal[h] / sum;
            if (likelihood >= LeastListed)
            {
                told.Add(
                    new HabitBelief(
                        habits[h].Key,
                        habits[h].Name,
                        likelihood,
                        likelihood >= NamedFrom
                    )
                );
            }
        }
        if (unknown / sum >= LeastListed)
        {
            told.Add(
                new HabitBelief(
                    Diagnosis.NotExplained,
                    Diagnosis.NotExplainedName,
                    unknown / sum,
                    unknown / sum >= NamedFrom
                )
            );
        }
        told.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        return new Beliefs(answers, none / sum, told);
    }

    // Half of what is expected follows the catalogue's shares, half takes every habit for equally likely: a rare one must be
    // found, too.
    private static double[] Priors(Mistake[] habits)
    {
        double all = habits.Sum(h => h.Prior);
        return [.. habits.Select(h => (h.Prior / all + 1.0 / habits.Length) / 2)];
    }

    private static int[] Likeliest(double[] single, double[] prior)
    {
        int[] order = [.. Enumerable.Range(0, single.Length)];
        Array.Sort(order, (a, b) => (single[b] / prior[b]).CompareTo(single[a] / prior[a]));
        return order[..Math.Min(PairedAtMost, order.Length)];
    }

    /// <summary>Likelihoods of all answers, each divided by that of an answer without a habit.</summary>
    private sealed class Table
    {
        private readonly int _answers;

        // By habit and answer: how much likelier the answer is when the habit shows in it than without a habit; 1 in all where it cannot.
        private readonly double[,] _shown;
        private readonly double[] _plain;
        private readonly double[] _unknown;
        private readonly double[] _accidents;
        private readonly bool[,] _can;

        internal Table(IReadOnlyList<AnswerEvidence> answers, Mistake[] habits)
        {
            _answers = answers.Count;
            _shown = new double[habits.Length, _answers];
            _can = new bool[habits.Length, _answers];
            _plain = new double[_answers];
            _unknown = new double[_answers];
            _accidents = new double[_answers];
            for (int i = 0; i < _answers; i++)
            {
                AnswerEvidence answer = answers[i];
                double accident = Accident * answer.AnyMistake;
                double without = (1 - Accident) * answer.Careful + accident;
                _plain[i] = (1 - Accident) * answer.Careful / without;
                _unknown[i] = (1 - Accident) * answer.Unexplained / without;
                _accidents[i] = accident / without;
                for (int h = 0; h < habits.Length; h++)
                {
                    double given = answer.Given(MistakeCatalogue.IndexOf(habits[h]));
                    _can[h, i] = !double.IsNaN(given);
                    _shown[h, i] = _can[h, i] ? (1 - Accident) * given / without : 0;
                }
            }
        }

        internal double One(int habit)
        {
            double sum = 0;
            foreach (double share in Shares)
            {
                double product = 1;
                for (int i = 0; i < _answers; i++)
                {
                    if (_can[habit, i])
                    {
                        product *=
                            share * _shown[habit, i] + (1 - share) * _plain[i] + _accidents[i];
                    }
                }
                sum += product;
            }
            return sum / Shares.Length;
        }

        internal double Two(int one, int other)
        {
            double sum = 0;
            int counted = 0;
            foreach (double first in Shares)
            {
                foreach (double second in Shares)
                {
                    if (first + second > 1)
                    {
                        continue;
                    }
                    double product = 1;
                    for (int i = 0; i < _answers; i++)
                    {
                        double a = _can[one, i] ? first : 0;
                        double b = _can[other, i] ? second : 0;
                        product *=
                            a * _shown[one, i]
                            + b * _shown[other, i]
                            + (1 - a - b) * _plain[i]
                            + _accidents[i];
                    }
                    sum += product;
                    counted++;
                }
            }
            return sum / counted;
        }

        internal double Unknown()
        {
            double sum = 0;
            foreach (double share in Shares)
            {
                double product = 1;
                for (int i = 0; i < _answers; i++)
                {
                    product *= share * _unknown[i] + (1 - share) * _plain[i] + _accidents[i];
                }
                sum += product;
            }
            return sum / Shares.Length;
        }
    }
}
