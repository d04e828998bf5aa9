using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>A point that a construction shows: given, or where two of its curves cross.</summary>
/// <param name="At">Where it is on the sheet.</param>
/// <param name="One">The earlier curve; -1 for a given point.</param>
/// <param name="Other">The later one, likewise.</param>
/// <param name="Which">Which of their crossings.</param>
/// <param name="Count">How often they cross.</param>
internal readonly record struct SeenPoint(
    Point At,
    int One = -1,
    int Other = -1,
    int Which = 0,
    int Count = 0
)
{
    /// <summary>How far the arcs end before it, in mm; 0 where they reach it.</summary>
    internal double EndsBefore { get; init; }

    /// <summary>The sine of the angle at which the curves cross: the smaller, the less sure it is where. 0 where they only come near each other.</summary>
    internal double Sine { get; init; } = 1;

    /// <summary>Whether it is to be seen: both curves were drawn there.</summary>
    internal bool IsDrawn { get; init; } = true;

    /// <summary>Whether two circles cross there.</summary>
    internal bool IsOfCircles { get; init; }

    /// <summary>Whether a circle crosses a line there.</summary>
    internal bool IsOnLine { get; init; }
}
