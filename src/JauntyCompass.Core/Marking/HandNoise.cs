namespace JauntyCompass.Core.Marking;

/// <summary>Tells a real flaw of a drawing or a placement from the noise of a hand.</summary>
internal static class HandNoise
{
    /// <summary>
    /// Probability that an amount beyond a limit is no accident of the hand: the normal distribution function of the excess
    /// (logistic approximation with factor 1.702, from memory; it stays within 0.01).
    /// </summary>
    /// <param name="amount">What was found, in mm or degrees.</param>
    /// <param name="limit">What a careful hand keeps to, in the same unit.</param>
    /// <param name="noise">Standard deviation of a hand's placing, in the same unit.</param>
    internal static double Beyond(double amount, double limit, double noise) =>
        1 / (1 + Math.Exp(-1.702 * (amount - limit) / noise));
}
