using System.Runtime.Intrinsics;

namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// Finds the habits behind a student's answers. A habit shows in some share of the answers and not in the others, so one
/// clear answer among careful ones speaks for it as well as many do. Every habit, every pair of habits, none, and one that the
/// catalogue does not know are weighed against each other (Bayes' rule); the share is not known and is averaged out.
/// </summary>
public static class HabitFinder
{
    /// <summary>The likeliest habit is named only from this likelihood upwards.</summary>
    public const double NamedFrom = 0.5;

    /// <summary>A second habit beside it needs more.</summary>
    public const double SecondNamedFrom = 0.67;

    /// <summary>One that noise may look like needs more still.</summary>
    public const double WithinNoiseNamedFrom = 0.9;

    // Before anything is known. Common practice, no source.
    private const double PriorOfNone = 0.15;
    private const double PriorOfOne = 0.47;
    private const double PriorOfTwo = 0.35;
    private const double PriorOfUnknown = 0.03;

    // In any answer something may happen once that is no habit. Common practice, no source.
    private const double Accident = 0.01;

    // A pair is weighed only when each of its habits alone is among the likeliest so many.
    private const int PairedAtMost = 5;
    private const double LeastPaired = 0.05;
    private const double LeastListed = 0.005;

    // Shares of the answers in which a habit shows.
    private static readonly Vector256<double> Shares = Vector256.Create(0.25, 0.45, 0.65, 0.85);

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

    private static bool CanShow(Mistake mistake, IReadOnlyList<AnswerEvidence> answers)
    {
        int place = mistake.Place;
        for (int i = 0; i < answers.Count; i++)
        {
            if (!double.IsNaN(answers[i].Given(place)))
            {
                return true;
            }
        }
        return false;
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
            Add(told, habits[h].Key, habits[h].Name, marginal[h] / sum);
        }
        Add(told, Diagnosis.NotExplained, Diagnosis.NotExplainedName, unknown / sum);
        told.Sort(static (a, b) => b.Likelihood.CompareTo(a.Likelihood));
        for (int i = 0; i < told.Count; i++)
        {
            told[i] = told[i] with { Named = told[i].Likelihood >= Threshold(told[i], i == 0) };
        }
        return new Beliefs(answers, none / sum, told);
    }

    private static double Threshold(HabitBelief belief, bool likeliest) =>
        MistakeCatalogue.Find(belief.Mistake) is { IsWithinNoise: true } ? WithinNoiseNamedFrom
        : likeliest ? NamedFrom
        : SecondNamedFrom;

    private static void Add(List<HabitBelief> told, string key, string name, double likelihood)
    {
        if (likelihood >= LeastListed)
        {
            told.Add(new HabitBelief(key, name, likelihood, Named: false));
        }
    }

    // Half of what is expected follows the catalogue's shares, half takes every habit for equally likely: a rare one must be
    // found, too.
    private static double[] Priors(Mistake[] habits)
    {
        double all = habits.Sum(h => h.Prior);
        return [.. habits.Select(h => (h.Prior / all + 1.0 / habits.Length) / 2)];
    }

    // A habit that alone is much less likely than none adds nothing to another one either.
    private static int[] Likeliest(double[] single, double[] prior)
    {
        double Alone(int habit) => single[habit] / (PriorOfOne * prior[habit]);
        int[] order = [.. Enumerable.Range(0, single.Length).Where(h => Alone(h) >= LeastPaired)];
        Array.Sort(order, (a, b) => Alone(b).CompareTo(Alone(a)));
        return order[..Math.Min(PairedAtMost, order.Length)];
    }

    /// <summary>Likelihoods of all answers, each divided by that of an answer without a habit, and averaged over the shares.</summary>
    private sealed class Table
    {
        private readonly IReadOnlyList<AnswerEvidence> _evidence;
        private readonly Mistake[] _habits;
        private readonly double[] _without;

        private readonly double[] _unknown;

        // By habit and answer: how much likelier the answer is when the habit shows in it; not a number where it cannot.
        private readonly double[] _shown;

        internal Table(IReadOnlyList<AnswerEvidence> answers, Mistake[] habits)
        {
            int count = answers.Count;
            _evidence = answers;
            _habits = habits;
            _without = new double[count];
            _unknown = new double[count];
            _shown = new double[habits.Length * count];
            for (int i = 0; i < count; i++)
            {
                AnswerEvidence answer = answers[i];
                double accident = Accident * answer.AnyMistake;
                double without = (1 - Accident) * answer.Careful + accident;
                _without[i] = without;
                _unknown[i] = ((1 - Accident) * answer.Unexplained + accident) / without;
                for (int h = 0; h < habits.Length; h++)
                {
                    _shown[h * count + i] =
                        ((1 - Accident) * answer.Given(habits[h].Place) + accident) / without;
                }
            }
        }

        internal double One(int habit)
        {
            Vector256<double> product = Vector256<double>.One;
            ReadOnlySpan<double> shown = Shown(habit);
            for (int i = 0; i < shown.Length; i++)
            {
                if (!double.IsNaN(shown[i]))
                {
                    product *= Mixed(1, shown[i]);
                }
            }
            return Average(product);
        }

        internal double Unknown()
        {
            Vector256<double> product = Vector256<double>.One;
            for (int i = 0; i < _unknown.Length; i++)
            {
                product *= Mixed(1, _unknown[i]);
            }
            return Average(product);
        }

        internal double Two(int one, int other)
        {
            ReadOnlySpan<double> ofOne = Shown(one);
            ReadOnlySpan<double> ofOther = Shown(other);
            // One product for each share of the first habit; in it one for each share of the second.
            Span<Vector256<double>> products =
                stackalloc Vector256<double>[Vector256<double>.Count];
            products.Fill(Vector256<double>.One);
            for (int i = 0; i < ofOne.Length; i++)
            {
                // The shares of the four cases sum to one. A habit that cannot show in an answer changes nothing in it.
                double first = double.IsNaN(ofOne[i]) ? 1 : ofOne[i];
                double second = double.IsNaN(ofOther[i]) ? 1 : ofOther[i];
                double both =
                    double.IsNaN(ofOne[i]) ? second
                    : double.IsNaN(ofOther[i]) ? first
                    : Both(i, one, other);
                Vector256<double> without = Mixed(1, second);
                Vector256<double> with = Mixed(first, both);
                for (int share = 0; share < products.Length; share++)
                {
                    products[share] *= without + Shares[share] * (with - without);
                }
            }
            double sum = 0;
            foreach (Vector256<double> product in products)
            {
                sum += Average(product);
            }
            return sum / products.Length;
        }

        private ReadOnlySpan<double> Shown(int habit) =>
            _shown.AsSpan(habit * _without.Length, _without.Length);

        // Where it is not known what both come to together, it is what one of them comes to.
        private double Both(int answer, int one, int other)
        {
            AnswerEvidence evidence = _evidence[answer];
            return evidence.OfBoth(_habits[one], _habits[other]) is double on
                ? ((1 - Accident) * on + Accident * evidence.AnyMistake) / _without[answer]
                : (Shown(one)[answer] + Shown(other)[answer]) / 2;
        }

        // What an answer comes to when a habit shows in each of the shares, and in the rest does not.
        private static Vector256<double> Mixed(double without, double with) =>
            Vector256.Create(without) + Shares * (with - without);

        private static double Average(Vector256<double> shares) =>
            (shares[0] + shares[1] + shares[2] + shares[3]) / Vector256<double>.Count;
    }
}
