namespace JauntyCompass.Core.Constructions;

/// <summary>What of one arc is taken for meant though it lies farther off than a hand strays.</summary>
/// <param name="Arc">The arc; -1 for none.</param>
/// <param name="IsCentre">Whether it is where its needle stood; else its opening.</param>
/// <param name="Rank">Which of the possibilities, the nearest first.</param>
internal readonly record struct Relaxed(int Arc, bool IsCentre, int Rank)
{
    /// <summary>Nobody who meant something strays farther, in mm.</summary>
    internal const double Farthest = 14;

    /// <summary>Nothing.</summary>
    internal static Relaxed None { get; } = new(-1, false, 0);
}
