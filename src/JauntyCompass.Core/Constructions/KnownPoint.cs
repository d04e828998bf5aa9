using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>A point that a construction has: given, or where two of its elements cross.</summary>
/// <param name="Seen">Where it is on the sheet.</param>
/// <param name="Ideal">Where it would be of a perfect hand.</param>
/// <param name="One">The earlier element; -1 for a given point.</param>
/// <param name="Other">The later one, likewise.</param>
internal readonly record struct KnownPoint(Point Seen, Point Ideal, int One, int Other)
{
    /// <summary>Whether it is to be seen: both elements were drawn there.</summary>
    internal bool IsDrawn { get; init; } = true;
}
