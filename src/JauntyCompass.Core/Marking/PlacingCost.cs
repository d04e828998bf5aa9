namespace JauntyCompass.Core.Marking;

/// <summary>When a placing error is worth naming.</summary>
public static class PlacingCost
{
    /// <summary>
    /// A placing error that costs less than this, in degrees, cannot be what made an answer wrong. Common practice, no source.
    /// </summary>
    public const double Material = 0.75;
}
