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
    private static readonly double[] Shares = [0.25, 0.45, 0.65, 0.85];

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

    /// <summary>Likelihoods of all answers, each divided by that of an answer without a habit.</summary>
    private sealed class Table
    {
        private readonly int _answers;
        private readonly IReadOnlyList<AnswerEvidence> _evidence;
        private readonly Mistake[] _habits;
        private readonly double[] _without;

        // By habit and answer: how much likelier the answer is when the habit shows in it than without a habit; 1 in all where it cannot.
        private readonly double[,] _shown;
        private readonly double[] _plain;
        private readonly double[] _unknown;
        private readonly double[] _accidents;
        private readonly bool[,] _can;

        internal Table(IReadOnlyList<AnswerEvidence> answers, Mistake[] habits)
        {
            _answers = answers.Count;
            _evidence = answers;
            _habits = habits;
            _without = new double[_answers];
            _shown = new double[habits.Length, _answers];
            _can = new bool[habits.Length, _answers];
            _plain = new double[_answers];
            _unknown = new double[_answers];
            _accidents = new double[_answers];
            int[] places = [.. habits.Select(h => h.Place)];
            for (int i = 0; i < _answers; i++)
            {
                AnswerEvidence answer = answers[i];
                double accident = Accident * answer.AnyMistake;
                double without = (1 - Accident) * answer.Careful + accident;
                _without[i] = without;
                _plain[i] = (1 - Accident) * answer.Careful / without;
                _unknown[i] = (1 - Accident) * answer.Unexplained / without;
                _accidents[i] = accident / without;
                for (int h = 0; h < habits.Length; h++)
                {
                    double given = answer.Given(places[h]);
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
            // Likelihood of each answer by which of the two show in it; where neither can, it is the same for all shares.
            Span<Pairing> pairings =
                _answers <= 64 ? stackalloc Pairing[_answers] : new Pairing[_answers];
            double[] both = Both(one, other);
            double apart = 1;
            int count = 0;
            for (int i = 0; i < _answers; i++)
            {
                if (_can[one, i] || _can[other, i])
                {
                    pairings[count++] = new Pairing(
                        _can[one, i],
                        _can[other, i],
                        _shown[one, i] + _accidents[i],
                        _shown[other, i] + _accidents[i],
                        both[i] + _accidents[i],
                        _plain[i] + _accidents[i]
                    );
                }
                else
                {
                    apart *= _plain[i] + _accidents[i];
                }
            }
            double sum = 0;
            foreach (double first in Shares)
            {
                foreach (double second in Shares)
                {
                    double product = apart;
                    foreach (ref readonly Pairing pairing in pairings[..count])
                    {
                        product *= pairing.At(first, second);
                    }
                    sum += product;
                }
            }
            return sum / (Shares.Length * Shares.Length);
        }

        private readonly record struct Pairing(
            bool OneCan,
            bool OtherCan,
            double One,
            double Other,
            double Both,
            double Neither
        )
        {
            // The shares of the four cases sum to one.
            internal double At(double first, double second)
            {
                double a = OneCan ? first : 0;
                double b = OtherCan ? second : 0;
                return a * ((1 - b) * One + b * Both) + (1 - a) * (b * Other + (1 - b) * Neither);
            }
        }

        // Where it is not known what both come to together, it is what one of them comes to.
        private double[] Both(int one, int other)
        {
            double[] both = new double[_answers];
            for (int i = 0; i < _answers; i++)
            {
                if (_can[one, i] && _can[other, i])
                {
                    both[i] = _evidence[i].OfBoth(_habits[one], _habits[other]) is double on
                        ? (1 - Accident) * on / _without[i]
                        : (_shown[one, i] + _shown[other, i]) / 2;
                }
            }
            return both;
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
