using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Randomness;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>
/// Chooses measures so that a set as a whole tells the targeted mistakes from right answers and from each other: what has been
/// told often is worth less the next time.
/// </summary>
internal sealed class SetDesign
{
    private const double Balance = 1000;
    private const double UsedBefore = 45;

    /// <summary>
    /// One that tells less than the best by no more than this share of it will do as well, so that another seed gives other numbers:
    /// in a set that is aimed at mistakes by name, and in any other.
    /// </summary>
    internal const double AsGoodWhenAimed = 0.01;
    internal const double AsGood = 0.04;

    // Degrees within which two measures are neighbours, and what a neighbour costs beside what the targets are worth.
    private const double Near = 18;
    private const double Spread = 0.06;

    private readonly int _targets;

    // How often each target has shown, and each pair has been told apart.
    private readonly double[] _shown;
    private readonly double[] _told;

    // What one more time would be worth: the more has been told, the less.
    private readonly double[] _worthShown;
    private readonly double[] _worthTold;
    private readonly HashSet<int> _taken = [];

    // By measure: how many taken ones are near it, or near its supplement; the nearer, the more.
    private readonly double[] _neighbours = new double[361];
    private readonly Dictionary<AngleKind, int> _kinds = [];
    private readonly SeededRandom _random;
    private readonly double _asGood;

    internal SetDesign(int targets, SeededRandom random, double asGood = 0)
    {
        _asGood = asGood;
        _targets = targets;
        _random = random;
        int pairs = targets * (targets - 1) / 2;
        (_shown, _told) = (new double[targets], new double[pairs]);
        (_worthShown, _worthTold) = (new double[targets], new double[pairs]);
        Array.Fill(_worthShown, 1);
        Array.Fill(_worthTold, 1);
    }

    // So many items are made and looked at for each place.
    private const int Made = 3;

    /// <summary>
    /// Chooses the next item: a few are made of the measures that promise most, and the one that tells most as it was made is taken. Null
    /// when no measure is left that is neither alike nor supplementary to one taken.
    /// </summary>
    /// <param name="candidates">What there is to choose from.</param>
    /// <param name="make">Makes the item of a candidate in its place, and says what it is worth there.</param>
    internal MadeItem? Next(IReadOnlyList<Candidate> candidates, Func<Candidate, MadeItem> make)
    {
        List<Candidate> promising = Best(
            candidates,
            c => Gain(c) - Crowded(c),
            IsTaken,
            c => _asGood * Gain(c)
        );
        MadeItem? best = null;
        double most = double.NegativeInfinity;
        for (int i = 0; i < Made && promising.Count > 0; i++)
        {
            int any = _random.Below(promising.Count);
            MadeItem made = make(promising[any]);
            double worth = Gain(made.AsMade) - Crowded(made.AsMade);
            (best, most) = worth > most ? (made, worth) : (best, most);
            promising.RemoveAt(any);
        }
        if (best is not null)
        {
            Take(best.AsMade);
        }
        return best;
    }

    /// <summary>
    /// Chooses a measure that is to another as like as can be had: the same kind of angle, as hard to read, the same mistakes
    /// showing. What was used before, so many times each, is worth less than one at which one mistake more or less shows.
    /// </summary>
    internal Candidate? Like(
        Candidate original,
        IReadOnlyList<Candidate> candidates,
        IReadOnlyDictionary<int, int> used
    )
    {
        Candidate? chosen = AnyOf(
            Best(
                candidates,
                c => Likeness(c, original) - UsedBefore * used.GetValueOrDefault(c.Measure),
                IsTaken
            )
        );
        if (chosen is Candidate taken)
        {
            Take(taken);
        }
        return chosen;
    }

    /// <summary>The same whatever was chosen before.</summary>
    internal Candidate? Likest(Candidate original, IReadOnlyList<Candidate> candidates) =>
        AnyOf(Best(candidates, c => Likeness(c, original), static _ => false));

    private static double Likeness(Candidate candidate, Candidate original) =>
        (candidate.Kind == original.Kind ? 100 : 0)
        + (candidate.Shows == original.Shows ? 40 : -Bits(candidate.Shows ^ original.Shows))
        + (candidate.Fineness == original.Fineness ? 20 : 0);

    private static int Bits(ulong bits) => System.Numerics.BitOperations.PopCount(bits);

    // Among equally good ones any will do; which one, the seed says.
    private Candidate? AnyOf(List<Candidate> best) =>
        best.Count == 0 ? null : best[_random.Below(best.Count)];

    private static List<Candidate> Best(
        IReadOnlyList<Candidate> all,
        Func<Candidate, double> worth,
        Func<int, bool> isTaken,
        Func<Candidate, double>? slack = null
    )
    {
        const double Even = 1e-9;
        var rated = new List<(Candidate Candidate, double Worth)>(all.Count);
        (Candidate Candidate, double Worth) best = (default, double.NegativeInfinity);
        foreach (Candidate candidate in all)
        {
            if (!isTaken(candidate.Measure))
            {
                rated.Add((candidate, worth(candidate)));
                best = rated[^1].Worth > best.Worth ? rated[^1] : best;
            }
        }
        double least =
            rated.Count == 0 ? 0 : best.Worth - (slack?.Invoke(best.Candidate) ?? 0) - Even;
        return [.. rated.Where(r => r.Worth >= least).Select(r => r.Candidate)];
    }

    private bool IsTaken(int measure) => _taken.Contains(measure) || _taken.Contains(180 - measure);

    private void Take(Candidate chosen)
    {
        _taken.Add(chosen.Measure);
        for (int measure = 0; measure < _neighbours.Length; measure++)
        {
            int apart = Math.Min(
                Math.Abs(chosen.Measure - measure),
                Math.Abs(180 - chosen.Measure - measure)
            );
            _neighbours[measure] += Math.Max(0, 1 - apart / Near);
        }
        _kinds[chosen.Kind] = _kinds.GetValueOrDefault(chosen.Kind) + 1;
        Count(chosen.Detectability, _shown, _worthShown);
        Count(chosen.Separability, _told, _worthTold);
    }

    private static void Count(double[] more, double[] counts, double[] worth)
    {
        for (int i = 0; i < counts.Length; i++)
        {
            counts[i] += more[i];
            worth[i] = 1 / (1 + counts[i]);
        }
    }

    private double Gain(Candidate candidate) =>
        Sum(candidate.Detectability, _worthShown) + Sum(candidate.Separability, _worthTold);

    private static double Sum(double[] amounts, double[] worth)
    {
        double sum = 0;
        for (int i = 0; i < amounts.Length; i++)
        {
            sum += amounts[i] * worth[i];
        }
        return sum;
    }

    // Kinds of angle are kept in balance before anything else, and measures are spread out: five angles near 20° teach one thing.
    private double Crowded(Candidate candidate) =>
        Balance * _kinds.GetValueOrDefault(candidate.Kind)
        + Spread * _targets * _neighbours[candidate.Measure];
}
