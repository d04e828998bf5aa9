using System.Runtime.Intrinsics;

namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// Likelihoods of all answers of a student together, under one hypothesis or another, averaged over the share of the answers in which a
/// habit shows and over the hands the student may have. They are told as logarithms, since those of many answers are too small to be
/// written otherwise.
/// </summary>
/// <param name="table">What the answers say.</param>
internal sealed class Likelihoods(AnswerTable table)
{
    private readonly int _n = table.Kept.Length;

    // Shares of the answers in which a habit shows.
    private static readonly Vector256<double> Shares = Vector256.Create(0.25, 0.45, 0.65, 0.85);

    // Who has made a number wrong once seldom makes it wrong once more: both come together so much more rarely than by chance.
    // Without that, two habits could not be told from one of them and a third that the two make together. Common practice, no source.
    private const double Together = 0.3;

    /// <summary>Without a habit.</summary>
    internal double None() => table.Scale + Math.Log(table.Hands.Sum());

    /// <summary>With one habit.</summary>
    internal double One(int habit)
    {
        Span<Vector256<double>> products = stackalloc Vector256<double>[_n];
        Span<int> exponents = stackalloc int[_n];
        products.Fill(Vector256<double>.One);
        exponents.Clear();
        int place = table.Habits[habit].Place;
        for (int i = 0; i < table.Evidence.Count; i++)
        {
            Multiply(i, table.Evidence[i].Given(place), products, exponents);
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
        for (int i = 0; i < table.Evidence.Count; i++)
        {
            Multiply(i, table.Evidence[i].Unexplained, products, exponents);
        }
        return Averaged(products, exponents);
    }

    /// <summary>With two habits.</summary>
    internal double Two(int one, int other)
    {
        Span<double> hands = stackalloc double[_n];
        int power = Products(one, other, hands);
        double sum = 0;
        foreach (double each in hands)
        {
            sum += each;
        }
        return table.Scale + Math.Log(sum) + power * Math.Log(2);
    }

    /// <summary>With two habits, for each hand that is kept; returns the power of two by which they are to be multiplied.</summary>
    internal int Products(int one, int other, Span<double> hands)
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
        (Mistake first, Mistake second) = (table.Habits[one], table.Habits[other]);
        Vector256<double> apart = Vector256<double>.One - Shares;
        for (int i = 0; i < table.Evidence.Count; i++)
        {
            ReadOnlySpan<float> ofFirst = table.Evidence[i].Given(first.Place);
            ReadOnlySpan<float> ofSecond = table.Evidence[i].Given(second.Place);
            if (ofFirst.IsEmpty && ofSecond.IsEmpty)
            {
                continue;
            }
            bool twice = false;
            ReadOnlySpan<float> ofBoth =
                ofFirst.IsEmpty || ofSecond.IsEmpty
                    ? []
                    : table.Evidence[i].OfBoth(first, second, out twice);
            double rarity = twice ? Together : 1;
            for (int share = 0; share < lanes; share++)
            {
                whole[share] = twice ? rarely[share] : Vector256<double>.One;
            }
            for (int hand = 0; hand < _n; hand++)
            {
                double with1 = ofFirst.IsEmpty ? 1 : table.Ratio(i, hand, ofFirst);
                double with2 = ofSecond.IsEmpty ? 1 : table.Ratio(i, hand, ofSecond);
                double both =
                    ofFirst.IsEmpty ? with2
                    : ofSecond.IsEmpty ? with1
                    // Where it is not known what both come to together, it is what one of them comes to.
                    : ofBoth.IsEmpty ? (with1 + with2) / 2
                    : table.Ratio(i, hand, ofBoth);
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
        int top = Scaling.Top(exponents);
        hands.Clear();
        for (int p = 0; p < products.Length; p++)
        {
            hands[p / lanes] +=
                table.Hands[p / lanes]
                * Math.ScaleB(Average(products[p]) / lanes, exponents[p] - top);
        }
        return top;
    }

    /// <summary>How likely each hand is, with a habit or without one; they sum to 1.</summary>
    internal void AllHands(int? habit, Span<double> hands)
    {
        Span<double> kept = stackalloc double[_n];
        Hands(habit, kept);
        hands.Clear();
        for (int k = 0; k < _n; k++)
        {
            hands[table.Kept[k]] = kept[k];
        }
    }

    /// <summary>The same of the hands that are kept.</summary>
    internal void Hands(int? habit, Span<double> hands)
    {
        if (habit is int known)
        {
            Products(known, hands);
        }
        else
        {
            table.Hands.CopyTo(hands);
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

    /// <summary>With one habit, likewise.</summary>
    internal int Products(int habit, Span<double> hands)
    {
        Span<Vector256<double>> products = stackalloc Vector256<double>[_n];
        Span<int> exponents = stackalloc int[_n];
        products.Fill(Vector256<double>.One);
        exponents.Clear();
        for (int i = 0; i < table.Evidence.Count; i++)
        {
            Multiply(i, table.Evidence[i].Given(table.Habits[habit].Place), products, exponents);
        }
        int top = Scaling.Top(exponents);
        for (int hand = 0; hand < _n; hand++)
        {
            hands[hand] =
                table.Hands[hand] * Math.ScaleB(Average(products[hand]), exponents[hand] - top);
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
        for (int k = 0; k < _n && !given.IsEmpty; k++)
        {
            products[k] *= Mixed(1, table.Ratio(answer, k, given));
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
            sum += table.Hands[hand] * Math.ScaleB(Average(products[hand]), exponents[hand] - top);
        }
        return table.Scale + Math.Log(sum) + top * Math.Log(2);
    }

    // What an answer comes to when a habit shows in each of the shares, and in the rest does not.
    private static Vector256<double> Mixed(double without, double with) =>
        Vector256.Create(without) + Shares * (with - without);

    private static double Average(Vector256<double> shares) =>
        Vector256.Sum(shares) / Vector256<double>.Count;
}
