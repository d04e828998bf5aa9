namespace JauntyCompass.Core.Marking;

/// <summary>
/// What one answered question says of every mistake: how likely the answer was if that mistake showed in it, if the work was
/// careful, and if something happened that the catalogue does not know. Densities a degree for numbers, probabilities for
/// choices; only their ratios matter.
/// </summary>
public sealed class AnswerEvidence
{
    // A share of wrong answers, before anything is known. Common practice, no source.
    internal const double PriorOfNotExplained = 0.12;

    private readonly double[] _given = new double[MistakeCatalogue.All.Count];

    /// <summary>Makes evidence at which no mistake can show yet.</summary>
    /// <param name="careful">Likelihood of the answer of careful work.</param>
    /// <param name="unexplained">Likelihood of the answer when nothing is known of how it came about.</param>
    public AnswerEvidence(double careful, double unexplained)
    {
        Careful = careful;
        Unexplained = unexplained;
        Array.Fill(_given, double.NaN);
    }

    /// <summary>Likelihood of the answer of careful work.</summary>
    public double Careful { get; }

    /// <summary>Likelihood of the answer when nothing is known of how it came about.</summary>
    public double Unexplained { get; }

    /// <summary>Likelihood of the answer if a mistake showed in it; not a number where that mistake cannot show.</summary>
    /// <param name="mistake">Place of the mistake in the catalogue.</param>
    public double Given(int mistake) => _given[mistake];

    /// <summary>
    /// Tells the likelihood of the answer if both of two mistakes showed in it, one on top of the other, whichever is named first; null
    /// where that is not told from either alone.
    /// </summary>
    public Func<Mistake, Mistake, double>? Both { private get; init; }

    // A student's answers are weighed again with each new one; what two mistakes come to in an old one does not change. Only a few
    // likely pairs are ever asked for. What two threads find at once may be lost for one of them, and is then found again.
    private (int Pair, double Likelihood)[] _both = [];
    private double _anyMistake = double.NaN;

    /// <summary>
    /// Likelihood of the answer if both of two mistakes showed in it, one on top of the other; null where that is not told from either
    /// alone.
    /// </summary>
    public double? OfBoth(Mistake one, Mistake other)
    {
        if (Both is not { } both)
        {
            return null;
        }
        if (one.Place > other.Place)
        {
            (one, other) = (other, one);
        }
        int pair = one.Place * _given.Length + other.Place;
        foreach ((int known, double found) in _both)
        {
            if (known == pair)
            {
                return found;
            }
        }
        double likelihood = both(one, other);
        _both = [.. _both, (pair, likelihood)];
        return likelihood;
    }

    /// <summary>States the likelihood of the answer if a mistake showed in it.</summary>
    public void Add(Mistake mistake, double likelihood)
    {
        _given[mistake.Place] = likelihood;
        _anyMistake = double.NaN;
    }

    /// <summary>
    /// Likelihood of the answer of work in which some mistake, known or not, has happened once. Half follows the catalogue's shares,
    /// half takes every mistake for equally likely.
    /// </summary>
    public double AnyMistake
    {
        get
        {
            if (double.IsNaN(_anyMistake))
            {
                _anyMistake = OfAnyMistake();
            }
            return _anyMistake;
        }
    }

    private double OfAnyMistake()
    {
        double byShare = PriorOfNotExplained * Unexplained;
        double share = PriorOfNotExplained;
        double even = Unexplained;
        int count = 1;
        for (int i = 0; i < _given.Length; i++)
        {
            if (!double.IsNaN(_given[i]))
            {
                byShare += MistakeCatalogue.All[i].Prior * _given[i];
                share += MistakeCatalogue.All[i].Prior;
                even += _given[i];
                count++;
            }
        }
        return (byShare / share + even / count) / 2;
    }
}
