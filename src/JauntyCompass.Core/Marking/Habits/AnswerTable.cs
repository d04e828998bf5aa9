namespace JauntyCompass.Core.Marking.Habits;

/// <summary>
/// What some answers say for each hand that the student may have, with the likelihood of work without a habit divided out.
/// </summary>
internal sealed class AnswerTable
{
    // By answer and hand: what a likelihood is multiplied by, and what is added, to be that of the answer divided by the likelihood of
    // work without a habit; with what may happen once in any answer in it.
    private readonly double[] _factor;
    private readonly double[] _added;

    internal AnswerTable(IReadOnlyList<AnswerEvidence> answers, Mistake[] habits, double accident)
    {
        (Evidence, Habits) = (answers, habits);
        int count = answers.Count;
        Kept = LikelyHands.Of(answers);
        _factor = new double[count * Kept.Length];
        _added = new double[count * Kept.Length];
        Span<double> products = stackalloc double[Kept.Length];
        Span<int> exponents = stackalloc int[Kept.Length];
        for (int k = 0; k < Kept.Length; k++)
        {
            products[k] = HandModel.Prior[Kept[k]];
        }
        exponents.Clear();
        for (int i = 0; i < count; i++)
        {
            ReadOnlySpan<float> any = answers[i].AnyMistake;
            ReadOnlySpan<float> careful = answers[i].Careful;
            for (int k = 0; k < Kept.Length; k++)
            {
                double once = accident * any[Kept[k]];
                double without = (1 - accident) * careful[Kept[k]] + once;
                double over = 1 / without;
                _factor[i * Kept.Length + k] = (1 - accident) * over;
                _added[i * Kept.Length + k] = once * over;
                products[k] *= without;
            }
            if (Scaling.IsDueAfter(i))
            {
                Scaling.Scale(products, exponents);
            }
        }
        int top = Scaling.Top(exponents);
        Hands = new double[Kept.Length];
        double largest = 0;
        for (int k = 0; k < Kept.Length; k++)
        {
            Hands[k] = Math.ScaleB(products[k], exponents[k] - top);
            largest = Math.Max(largest, Hands[k]);
        }
        for (int k = 0; k < Kept.Length; k++)
        {
            Hands[k] /= largest;
        }
        Scale = Math.Log(largest) + top * Math.Log(2);
    }

    /// <summary>The answers.</summary>
    internal IReadOnlyList<AnswerEvidence> Evidence { get; }

    /// <summary>The habits that are looked for.</summary>
    internal Mistake[] Habits { get; }

    /// <summary>The hands that are kept, by their place in the model.</summary>
    internal int[] Kept { get; }

    /// <summary>By hand: its prior times the likelihood of all answers without a habit; the likeliest is 1.</summary>
    internal double[] Hands { get; }

    /// <summary>Logarithm of what all likelihoods were divided by.</summary>
    internal double Scale { get; }

    /// <summary>The likelihood of an answer if a mistake showed in it, divided by that of work without a habit.</summary>
    /// <param name="answer">Which answer.</param>
    /// <param name="hand">Which of the hands that are kept.</param>
    /// <param name="given">Likelihoods of the answer, for each hand of the model.</param>
    internal double Ratio(int answer, int hand, ReadOnlySpan<float> given)
    {
        int at = answer * Kept.Length + hand;
        return given[Kept[hand]] * _factor[at] + _added[at];
    }
}
