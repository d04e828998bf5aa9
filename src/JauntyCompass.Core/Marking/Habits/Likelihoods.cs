using System.Runtime.Intrinsics;

namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// Likelihoods of all answers of a student together, under one hypothesis or another, averaged over the share of the answers in which a
/// habit shows and over the hands the student may have. They are told as logarithms, since those of many answers are too small to be
/// written otherwise.
/// </summary>
internal sealed class Likelihoods
{
    // Shares of the answers in which a habit shows.
    private static readonly Vector256<double> Shares = Vector256.Create(0.25, 0.45, 0.65, 0.85);

    // Who has made a number wrong once seldom makes it wrong once more: both come together so much more rarely than by chance.
    // Without that, two habits could not be told from one of them and a third that the two make together. Common practice, no source.
    private const double Together = 0.4;

    // What showed once is a slip; a habit shows in more answers, and in more of them than slips do. Common practice, no source.
    private const double LeastShown = 1.5;
    private const double LeastShareShown = 0.12;

    // The hands that are kept, by their place.
    private readonly int[] _kept;
    private readonly int _n;

    private readonly IReadOnlyList<AnswerEvidence> _evidence;
    private readonly Mistake[] _habits;
    private readonly int _count;

    // By answer and hand: what a likelihood is multiplied by, and what is added, to be that of the answer divided by the likelihood of
    // work without a habit; with what may happen once in any answer in it.
    private readonly double[] _factor;
    private readonly double[] _added;

    // By hand: its prior times the likelihood of all answers without a habit, the likeliest hand's divided out.
    private readonly double[] _hands;
    private readonly double _scale;

    internal Likelihoods(IReadOnlyList<AnswerEvidence> answers, Mistake[] habits, double accident)
    {
        (_evidence, _habits, _count) = (answers, habits, answers.Count);
        _kept = LikelyHands.Of(answers);
        _n = _kept.Length;
        _factor = new double[_count * _n];
        _added = new double[_count * _n];
        Span<double> products = stackalloc double[_n];
        Span<int> exponents = stackalloc int[_n];
        for (int k = 0; k < _n; k++)
        {
            products[k] = HandModel.Prior[_kept[k]];
        }
        exponents.Clear();
        for (int i = 0; i < _count; i++)
        {
            ReadOnlySpan<float> any = answers[i].AnyMistake;
            ReadOnlySpan<float> careful = answers[i].Careful;
            for (int k = 0; k < _n; k++)
            {
                double once = accident * any[_kept[k]];
                double without = (1 - accident) * careful[_kept[k]] + once;
                double over = 1 / without;
                _factor[i * _n + k] = (1 - accident) * over;
                _added[i * _n + k] = once * over;
                products[k] *= without;
            }
            if (Scaling.IsDueAfter(i))
            {
                Scaling.Scale(products, exponents);
            }
        }
        int top = Scaling.Top(exponents);
        _hands = new double[_n];
        double largest = 0;
        for (int k = 0; k < _n; k++)
        {
            _hands[k] = Math.ScaleB(products[k], exponents[k] - top);
            largest = Math.Max(largest, _hands[k]);
        }
        for (int k = 0; k < _n; k++)
        {
            _hands[k] /= largest;
        }
        _scale = Math.Log(largest) + top * Math.Log(2);
    }

    /// <summary>Without a habit.</summary>
    internal double None() => _scale + Math.Log(_hands.Sum());

    /// <summary>With one habit.</summary>
    internal double One(int habit)
    {
        Span<Vector256<double>> products = stackalloc Vector256<double>[_n];
        Span<int> exponents = stackalloc int[_n];
        products.Fill(Vector256<double>.One);
        exponents.Clear();
        int place = _habits[habit].Place;
        for (int i = 0; i < _count; i++)
        {
            Multiply(i, _evidence[i].Given(place), products, exponents);
        }
        return Averaged(products, exponents);
    }

    /// <summary>With a habit that the catalogue does not know.</summary>
    internal double Unknown()
    {
        Span<Vector256<double>> products = stackalloc Vector256<double>[_n];
        Span<int> exponents = stackalloc int[_n];
        products.Fill(Vector256<double>.One);
        exponents.Clear();
        for (int i = 0; i < _count; i++)
        {
            Multiply(i, _evidence[i].Unexplained, products, exponents);
        }
        return Averaged(products, exponents);
    }

    /// <summary>With two habits.</summary>
    internal double Two(int one, int other)
    {
        int lanes = Vector256<double>.Count;
        // For each hand one product for each share of the first habit; in it one for each share of the second.
        Span<Vector256<double>> products = stackalloc Vector256<double>[_n * lanes];
        Span<int> exponents = stackalloc int[_n * lanes];
        products.Fill(Vector256<double>.One);
        exponents.Clear();
        Span<Vector256<double>> rarely = stackalloc Vector256<double>[lanes];
        Span<Vector256<double>> whole = stackalloc Vector256<double>[lanes];
        for (int share = 0; share < lanes; share++)
        {
            rarely[share] =
                Vector256<double>.One
                / (Vector256<double>.One - (1 - Together) * Shares[share] * Shares);
        }
        (Mistake first, Mistake second) = (_habits[one], _habits[other]);
        Vector256<double> apart = Vector256<double>.One - Shares;
        for (int i = 0; i < _count; i++)
        {
            ReadOnlySpan<float> ofFirst = _evidence[i].Given(first.Place);
            ReadOnlySpan<float> ofSecond = _evidence[i].Given(second.Place);
            if (ofFirst.IsEmpty && ofSecond.IsEmpty)
            {
                continue;
            }
            bool twice = false;
            ReadOnlySpan<float> ofBoth =
                ofFirst.IsEmpty || ofSecond.IsEmpty
                    ? []
                    : _evidence[i].OfBoth(first, second, out twice);
            double rarity = twice ? Together : 1;
            for (int share = 0; share < lanes; share++)
            {
                whole[share] = twice ? rarely[share] : Vector256<double>.One;
            }
            for (int hand = 0; hand < _n; hand++)
            {
                int at = i * _n + hand;
                double with1 = ofFirst.IsEmpty
                    ? 1
                    : ofFirst[_kept[hand]] * _factor[at] + _added[at];
                double with2 = ofSecond.IsEmpty
                    ? 1
                    : ofSecond[_kept[hand]] * _factor[at] + _added[at];
                double both =
                    ofFirst.IsEmpty ? with2
                    : ofSecond.IsEmpty ? with1
                    // Where it is not known what both come to together, it is what one of them comes to.
                    : ofBoth.IsEmpty ? (with1 + with2) / 2
                    : ofBoth[_kept[hand]] * _factor[at] + _added[at];
                Vector256<double> without = Mixed(1, with2);
                Vector256<double> with = apart * with1 + Shares * (rarity * both);
                for (int share = 0; share < lanes; share++)
                {
                    products[hand * lanes + share] *=
                        (without + Shares[share] * (with - without)) * whole[share];
                }
            }
            if (Scaling.IsDueAfter(i))
            {
                Scaling.Scale(products, exponents);
            }
        }
        double top = double.NegativeInfinity;
        Span<double> sums = stackalloc double[_n * lanes];
        for (int p = 0; p < products.Length; p++)
        {
            sums[p] =
                Math.Log(_hands[p / lanes] * Average(products[p]) / lanes)
                + exponents[p] * Math.Log(2);
            top = Math.Max(top, sums[p]);
        }
        return _scale + Sum(sums, top);
    }

    /// <summary>
    /// How many times likelier a habit makes the answers of a hand that lapses often than no habit does; infinite where none such would
    /// give them.
    /// </summary>
    internal double RatioOfLapsingHand(int habit)
    {
        Span<double> with = stackalloc double[_n];
        int power = Products(habit, with);
        double ofHabit = 0;
        double ofNone = 0;
        for (int k = 0; k < _n; k++)
        {
            if (HandModel.LapsesOften(_kept[k]))
            {
                ofHabit += with[k];
                ofNone += _hands[k];
            }
        }
        return ofNone > 0
            ? Math.ScaleB(ofHabit / ofNone, power)
            : double.PositiveInfinity;
    }

    /// <summary>
    /// Whether a habit showed in more answers than slips do, if the student has it.
    /// </summary>
    /// <param name="habit">The habit.</param>
    /// <param name="beside">The likeliest other one, beside which it may have been made; null for none.</param>
    internal bool ShowsAsAHabit(int habit, int? beside)
    {
        Span<double> hands = stackalloc double[_n];
        Hands(habit, hands);
        double shown = 0;
        int could = 0;
        for (int i = 0; i < _count; i++)
        {
            ReadOnlySpan<float> given = _evidence[i].Given(_habits[habit].Place);
            if (given.IsEmpty)
            {
                continue;
            }
            could++;
            double with = Ratio(i, given, hands);
            double without = 1;
            if (
                beside is int other
                && _evidence[i].Given(_habits[other].Place) is { IsEmpty: false } ofOther
            )
            {
                with += Ratio(i, _evidence[i].OfBoth(_habits[habit], _habits[other], out _), hands);
                without += Ratio(i, ofOther, hands);
            }
            // An answer that comes about as well without it is no sign of it.
            shown += with > without ? with / (with + without) : 0;
        }
        return shown >= Math.Max(LeastShown, LeastShareShown * could);
    }

    private double Ratio(int answer, ReadOnlySpan<float> given, ReadOnlySpan<double> hands)
    {
        double ratio = 0;
        for (int k = 0; k < _n && !given.IsEmpty; k++)
        {
            int at = answer * _n + k;
            ratio += hands[k] * (given[_kept[k]] * _factor[at] + _added[at]);
        }
        return ratio;
    }

    /// <summary>How likely each hand is, with a habit or without one; they sum to 1.</summary>
    internal void AllHands(int? habit, Span<double> hands)
    {
        Span<double> kept = stackalloc double[_n];
        Hands(habit, kept);
        hands.Clear();
        for (int k = 0; k < _n; k++)
        {
            hands[_kept[k]] = kept[k];
        }
    }

    private void Hands(int? habit, Span<double> hands)
    {
        if (habit is int known)
        {
            Products(known, hands);
        }
        else
        {
            _hands.CopyTo(hands);
        }
        double sum = 0;
        foreach (double each in hands)
        {
            sum += each;
        }
        for (int hand = 0; hand < _n; hand++)
        {
            hands[hand] /= sum;
        }
    }

    // For each hand its share of the work without a habit, times how much likelier the habit makes the answers.
    private int Products(int habit, Span<double> hands)
    {
        Span<Vector256<double>> products = stackalloc Vector256<double>[_n];
        Span<int> exponents = stackalloc int[_n];
        products.Fill(Vector256<double>.One);
        exponents.Clear();
        for (int i = 0; i < _count; i++)
        {
            Multiply(i, _evidence[i].Given(_habits[habit].Place), products, exponents);
        }
        int top = Scaling.Top(exponents);
        for (int hand = 0; hand < _n; hand++)
        {
            hands[hand] =
                _hands[hand] * Math.ScaleB(Average(products[hand]), exponents[hand] - top);
        }
        return top;
    }

    private void Multiply(
        int answer,
        ReadOnlySpan<float> given,
        Span<Vector256<double>> products,
        Span<int> exponents
    )
    {
        int at = answer * _n;
        for (int k = 0; k < _n && !given.IsEmpty; k++)
        {
            products[k] *= Mixed(1, given[_kept[k]] * _factor[at + k] + _added[at + k]);
        }
        if (Scaling.IsDueAfter(answer))
        {
            Scaling.Scale(products, exponents);
        }
    }

    private double Averaged(ReadOnlySpan<Vector256<double>> products, ReadOnlySpan<int> exponents)
    {
        int top = Scaling.Top(exponents);
        double sum = 0;
        for (int hand = 0; hand < products.Length; hand++)
        {
            sum += _hands[hand] * Math.ScaleB(Average(products[hand]), exponents[hand] - top);
        }
        return _scale + Math.Log(sum) + top * Math.Log(2);
    }

    private static double Sum(ReadOnlySpan<double> logarithms, double top)
    {
        double sum = 0;
        foreach (double each in logarithms)
        {
            sum += Math.Exp(each - top);
        }
        return top + Math.Log(sum);
    }

    // What an answer comes to when a habit shows in each of the shares, and in the rest does not.
    private static Vector256<double> Mixed(double without, double with) =>
        Vector256.Create(without) + Shares * (with - without);

    private static double Average(Vector256<double> shares) =>
        Vector256.Sum(shares) / Vector256<double>.Count;
}
