namespace JauntyCompass.Core.Marking.Habits;

/// <summary>The hands of <see cref="HandModel"/> that a student may have, by the answers they gave.</summary>
internal static class LikelyHands
{
    // A hand that hardly gives these answers, rightly or by some mistake in every so many, is left out: one so many times less likely
    // than another.
    private const double LeftOut = 20;
    private const double SomeMistake = 0.25;

    /// <summary>Their places in the model.</summary>
    internal static int[] Of(IReadOnlyList<AnswerEvidence> answers)
    {
        Span<double> products = stackalloc double[HandModel.Count];
        Span<int> exponents = stackalloc int[HandModel.Count];
        HandModel.Prior.CopyTo(products);
        exponents.Clear();
        for (int i = 0; i < answers.Count; i++)
        {
            ReadOnlySpan<float> careful = answers[i].Careful;
            ReadOnlySpan<float> any = answers[i].AnyMistake;
            for (int hand = 0; hand < careful.Length; hand++)
            {
                products[hand] *= (1 - SomeMistake) * careful[hand] + SomeMistake * any[hand];
            }
            if (Scaling.IsDueAfter(i))
            {
                Scaling.Scale(products, exponents);
            }
        }
        double best = double.NegativeInfinity;
        for (int hand = 0; hand < products.Length; hand++)
        {
            products[hand] = Math.Log2(products[hand]) + exponents[hand];
            best = Math.Max(best, products[hand]);
        }
        double least = best - Math.Log2(LeftOut);
        var kept = new List<int>(products.Length);
        for (int hand = 0; hand < products.Length; hand++)
        {
            if (products[hand] >= least)
            {
                kept.Add(hand);
            }
        }
        return [.. kept];
    }
}
