using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>
/// Chooses measures so that a set as a whole tells the targeted mistakes from right answers and from each other: what has been
/// told often is worth less the next time.
/// </summary>
internal sealed class SetDesign
{
    private readonly int _targets;
    private readonly double[] _shown;
    private readonly double[,] _told;

    // What one more time would be worth: the more has been told, the less.
    private readonly double[] _worthShown;
    private readonly double[,] _worthTold;
    private readonly HashSet<int> _taken = [];
    private readonly Dictionary<AngleKind, int> _kinds = [];
    private readonly SeededRandom _random;

    internal SetDesign(int targets, SeededRandom random)
    {
        _targets = targets;
        _random = random;
        _shown = new double[targets];
        _told = new double[targets, targets];
        _worthShown = new double[targets];
        _worthTold = new double[targets, targets];
        Array.Fill(_worthShown, 1);
        for (int one = 0; one < targets; one++)
        {
            for (int other = 0; other < targets; other++)
            {
                _worthTold[one, other] = 1;
            }
        }
    }

    /// <summary>Chooses the next measure; null when none is left that is neither alike nor supplementary to one taken.</summary>
    internal Candidate? Next(Candidates candidates) =>
        Best(candidates.All, c => Gain(c) - Crowded(c));

    /// <summary>
    /// Chooses a measure that is to another as like as can be had: the same kind of angle, as hard to read, the same mistakes
    /// showing; <paramref name="used"/> before only when nothing else is left.
    /// </summary>
    internal Candidate? Like(Candidate original, Candidates candidates, IReadOnlySet<int> used)
    {
        double Likeness(Candidate c) =>
            (c.Kind == original.Kind ? 100 : 0)
            + (c.Shows == original.Shows ? 40 : -Bits(c.Shows ^ original.Shows))
            + (c.Fineness == original.Fineness ? 20 : 0)
            + (used.Contains(c.Measure) ? -30 : 0);
        return Best(candidates.All, Likeness);
    }

    private static int Bits(ulong bits) => System.Numerics.BitOperations.PopCount(bits);

    private Candidate? Best(IReadOnlyList<Candidate> all, Func<Candidate, double> worth)
    {
        // Among equally good ones any will do; which one, the seed says.
        const double Even = 1e-9;
        var best = new List<Candidate>();
        double most = double.NegativeInfinity;
        foreach (Candidate candidate in all)
        {
            if (IsTaken(candidate.Measure))
            {
                continue;
            }
            double value = worth(candidate);
            if (value > most + Even)
            {
                best.Clear();
                most = value;
            }
            if (value >= most - Even)
            {
                best.Add(candidate);
            }
        }
        if (best.Count == 0)
        {
            return null;
        }
        Candidate chosen = best[_random.Below(best.Count)];
        Take(chosen);
        return chosen;
    }

    private bool IsTaken(int measure) => _taken.Contains(measure) || _taken.Contains(180 - measure);

    private void Take(Candidate chosen)
    {
        _taken.Add(chosen.Measure);
        _kinds[chosen.Kind] = _kinds.GetValueOrDefault(chosen.Kind) + 1;
        for (int one = 0; one < _targets; one++)
        {
            _shown[one] += chosen.Clear[one];
            _worthShown[one] = 1 / (1 + _shown[one]);
            for (int other = one + 1; other < _targets; other++)
            {
                _told[one, other] += chosen.Apart[one, other];
                _worthTold[one, other] = 1 / (1 + _told[one, other]);
            }
        }
    }

    private double Gain(Candidate candidate)
    {
        (double[] clear, double[,] apart) = (candidate.Clear, candidate.Apart);
        double gain = 0;
        for (int one = 0; one < _targets; one++)
        {
            gain += clear[one] * _worthShown[one];
            for (int other = one + 1; other < _targets; other++)
            {
                gain += apart[one, other] * _worthTold[one, other];
            }
        }
        return gain;
    }

    // Kinds of angle are kept in balance, before anything else.
    private double Crowded(Candidate candidate)
    {
        const double Balance = 1000;
        int own = _kinds.GetValueOrDefault(candidate.Kind);
        return Balance * own;
    }
}
