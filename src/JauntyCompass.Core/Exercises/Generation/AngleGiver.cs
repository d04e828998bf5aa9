using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Randomness;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Exercises.Generation;

/// <summary>An angle to put down on the Board.</summary>
/// <param name="Measure">Its measure, in whole degrees.</param>
/// <param name="Opening">Which way it opens from a level start arm.</param>
/// <param name="Tilt">How far the figure is turned, in degrees, anticlockwise positive.</param>
/// <param name="Mark">How its opening is marked.</param>
public sealed record GivenAngle(Measure Measure, TurnDirection Opening, int Tilt, OpeningMark Mark);

/// <summary>Gives an angle of a kind from a seed: never so near a boundary that the eye could not say its kind.</summary>
public static class AngleGiver
{
    // Common practice, no source.
    private const int FromBoundary = 8;

    /// <summary>The angle. The same kind and seed give the same angle everywhere.</summary>
    /// <param name="kind">The kind.</param>
    /// <param name="seed">Any number.</param>
    public static GivenAngle Give(AngleKind kind, int seed)
    {
        var random = new SeededRandom(seed);
        int measure = kind switch
        {
            AngleKind.Zero => 0,
            AngleKind.Acute => random.Between(FromBoundary, 90 - FromBoundary),
            AngleKind.Right => 90,
            AngleKind.Obtuse => random.Between(90 + FromBoundary, 180 - FromBoundary),
            AngleKind.Straight => 180,
            AngleKind.Reflex => random.Between(180 + FromBoundary, 360 - FromBoundary),
            _ => 360,
        };
        TurnDirection opening = random.Chance(0.5)
            ? TurnDirection.Anticlockwise
            : TurnDirection.Clockwise;
        int tilt = random.Chance(0.5) ? 0 : random.Between(-60, 60);
        OpeningMark mark = kind == AngleKind.Right ? OpeningMark.Box : OpeningMark.Arc;
        return new GivenAngle(new Measure(measure), opening, tilt, mark);
    }
}
