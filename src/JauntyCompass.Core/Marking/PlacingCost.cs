namespace JauntyCompass.Core.Marking;

/// <summary>When a placing error is worth naming.</summary>
public static class PlacingCost
{
    /// <summary>
    /// A placing error that costs less than this, in degrees, cannot be what made an answer wrong. Common practice, no source.
    /// </summary>
    public const double Material = 0.75;

    // What a careful hand keeps to, and how much hands differ, in degrees. Common practice, no source.
    private const double Usual = 2;
    private const double Spread = 0.6;

    /// <summary>Probability that a placing error is more than the noise of a hand.</summary>
    /// <param name="degrees">What it costs, in degrees, either way.</param>
    internal static double Likelihood(double degrees) =>
        HandNoise.Beyond(Math.Abs(degrees), Usual, Spread);
}
