using JauntyCompass.Core.Marking.Habits;

namespace JauntyCompass.Core.Marking;

/// <summary>
/// What one answered question says of every mistake: how likely the answer was if that mistake showed in it, if the work was
/// careful, and if something happened that the catalogue does not know; each for every hand of <see cref="HandModel"/>. Only ratios
/// matter.
/// </summary>
public sealed class AnswerEvidence
{
    // A share of wrong answers, before anything is known. Common practice, no source.
    internal const double PriorOfNotExplained = 0.12;

    private readonly float[] _careful;
    private readonly float[] _unexplained;
    private readonly float[]?[] _given = new float[MistakeCatalogue.All.Count][];

    /// <summary>Makes evidence of an answer that no hand makes better or worse: a choice, a name, a sum.</summary>
    /// <param name="careful">Likelihood of the answer of careful work.</param>
    /// <param name="unexplained">Likelihood of the answer when nothing is known of how it came about.</param>
    public AnswerEvidence(double careful, double unexplained)
        : this(Same(careful), Same(unexplained)) { }

    internal AnswerEvidence(ReadOnlySpan<double> careful, ReadOnlySpan<double> unexplained)
        : this(Short(careful), Short(unexplained)) { }

    private AnswerEvidence(float[] careful, float[] unexplained) =>
        (_careful, _unexplained) = (careful, unexplained);

    /// <summary>Likelihood of the answer of careful work, for each hand.</summary>
    public ReadOnlySpan<float> Careful => _careful;

    /// <summary>Likelihood of the answer when nothing is known of how it came about, for each hand.</summary>
    public ReadOnlySpan<float> Unexplained => _unexplained;

    /// <summary>Whether a mistake can show in the answer.</summary>
    /// <param name="mistake">Place of the mistake in the catalogue.</param>
    public bool CanShow(int mistake) => _given[mistake] is not null;

    /// <summary>Likelihood of the answer if a mistake showed in it, for each hand; empty where that mistake cannot show.</summary>
    /// <param name="mistake">Place of the mistake in the catalogue.</param>
    public ReadOnlySpan<float> Given(int mistake) => _given[mistake];

    /// <summary>
    /// Adds the likelihood of the answer if both of two mistakes showed in it, for each hand; returns whether one number was made wrong
    /// twice.
    /// </summary>
    internal delegate bool TogetherOf(Mistake one, Mistake other, Span<double> likelihoods);

    /// <summary>
    /// Tells the likelihood of the answer if both of two mistakes showed in it, one on top of the other, whichever is named first; null
    /// where that is not told from either alone.
    /// </summary>
    internal TogetherOf? Both { private get; init; }

    // A student's answers are weighed again with each new one; what two mistakes come to in an old one does not change. Only a few
    // likely pairs are ever asked for. What two threads find at once may be lost for one of them, and is then found again.
    private (int Pair, bool Twice, float[] Likelihoods)[] _both = [];

    /// <summary>
    /// Likelihood of the answer if both of two mistakes showed in it, one on top of the other, for each hand; empty where that is not
    /// told from either alone.
    /// </summary>
    /// <param name="one">One mistake.</param>
    /// <param name="other">The other.</param>
    /// <param name="twice">Whether one number was made wrong twice; else each is seen beside the other.</param>
    public ReadOnlySpan<float> OfBoth(Mistake one, Mistake other, out bool twice)
    {
        if (Both is not { } both)
        {
            twice = false;
            return [];
        }
        if (one.Place > other.Place)
        {
            (one, other) = (other, one);
        }
        int pair = one.Place * _given.Length + other.Place;
        foreach ((int known, bool knownTwice, float[] found) in _both)
        {
            if (known == pair)
            {
                twice = knownTwice;
                return found;
            }
        }
        Span<double> likelihoods = stackalloc double[HandModel.Count];
        likelihoods.Clear();
        twice = both(one, other, likelihoods);
        float[] kept = Short(likelihoods);
        _both = [.. _both, (pair, twice, kept)];
        return kept;
    }

    /// <summary>States the likelihood of the answer if a mistake showed in it, whatever the hand.</summary>
    public void Add(Mistake mistake, double likelihood) => Set(mistake, Same(likelihood));

    /// <summary>States the likelihood of the answer if a mistake showed in it, for each hand.</summary>
    internal void Add(Mistake mistake, ReadOnlySpan<double> likelihoods) =>
        Set(mistake, Short(likelihoods));

    private void Set(Mistake mistake, float[] likelihoods)
    {
        _given[mistake.Place] = likelihoods;
        _anyMistake = null;
    }

    private float[]? _anyMistake;

    /// <summary>
    /// Likelihood of the answer of work in which some mistake, known or not, has happened once, for each hand. Half follows the
    /// catalogue's shares, half takes every mistake for equally likely.
    /// </summary>
    internal ReadOnlySpan<float> AnyMistake => _anyMistake ??= OfAnyMistake();

    private float[] OfAnyMistake()
    {
        double share = PriorOfNotExplained;
        int count = 1;
        for (int i = 0; i < _given.Length; i++)
        {
            if (_given[i] is not null)
            {
                share += MistakeCatalogue.All[i].Prior;
                count++;
            }
        }
        float[] sum = new float[_careful.Length];
        Add(_unexplained, PriorOfNotExplained);
        for (int i = 0; i < _given.Length; i++)
        {
            if (_given[i] is float[] given)
            {
                Add(given, MistakeCatalogue.All[i].Prior);
            }
        }
        return sum;

        void Add(float[] given, double prior)
        {
            float weight = (float)((prior / share + 1.0 / count) / 2);
            for (int hand = 0; hand < given.Length; hand++)
            {
                sum[hand] += weight * given[hand];
            }
        }
    }

    private static float[] Same(double likelihood)
    {
        float[] same = new float[HandModel.Count];
        Array.Fill(same, (float)likelihood);
        return same;
    }

    private static float[] Short(ReadOnlySpan<double> likelihoods)
    {
        float[] shorter = new float[likelihoods.Length];
        for (int hand = 0; hand < shorter.Length; hand++)
        {
            shorter[hand] = (float)likelihoods[hand];
        }
        return shorter;
    }
}
