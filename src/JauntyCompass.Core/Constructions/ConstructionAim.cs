using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Constructions;

/// <summary>What is to be constructed.</summary>
public enum ConstructionTask
{
    /// <summary>An angle equal to a given one, on a given ray (Euclid, <i>Elements</i> I.23).</summary>
    Copy,

    /// <summary>The ray that halves a given angle (Euclid, <i>Elements</i> I.9).</summary>
    Bisect,

    /// <summary>An angle of a named measure on a given ray.</summary>
    Build,
}

/// <summary>What a construction begins with and what must come out.</summary>
/// <param name="Task">What is to be constructed.</param>
/// <param name="Vertex">Where the constructed ray begins.</param>
/// <param name="Start">The ray from which its angle is counted.</param>
/// <param name="Opening">Which way round.</param>
/// <param name="Degrees">How far round, in degrees, over 0 and under 360.</param>
/// <param name="Given">The angle that is copied or halved; null where one is built.</param>
/// <param name="Rays">All rays that stand on the sheet.</param>
public sealed record ConstructionAim(
    ConstructionTask Task,
    Point Vertex,
    Direction Start,
    TurnDirection Opening,
    double Degrees,
    Angle? Given,
    IReadOnlyList<BaseRay> Rays
)
{
    /// <summary>The ray that must come out.</summary>
    public Direction Wanted => Start.Turned(Opening.Sign() * Degrees);

    /// <summary>How far round a direction lies, in degrees: within half a turn of what is asked.</summary>
    public double TurnTo(Direction direction) =>
        Degrees + Opening.Sign() * Wanted.ShorterTurnTo(direction);

    /// <summary>The angle under 180° that a ray makes with the start: it opens the other way where the ray lies on the other side.</summary>
    /// <param name="ray">Which way the ray runs.</param>
    /// <param name="startLength">Length of the start, in mm.</param>
    /// <param name="endLength">Length of the ray, in mm.</param>
    public Angle AngleTo(Direction ray, double startLength, double endLength)
    {
        double turn = Opening.Sign() * Start.ShorterTurnTo(ray);
        return new Angle(
            Vertex,
            Start,
            new Measure(Math.Abs(turn)),
            turn < 0 ? Opening.Reversed() : Opening,
            startLength,
            endLength
        );
    }

    /// <summary>The given angle halved.</summary>
    public static ConstructionAim Bisecting(Angle angle) =>
        new(
            ConstructionTask.Bisect,
            angle.Vertex,
            angle.Start,
            angle.Opening,
            angle.Measure.Degrees / 2,
            angle,
            RaysOf(angle)
        );

    /// <summary>The given angle copied onto a ray.</summary>
    public static ConstructionAim Copying(Angle angle, BaseRay ray, TurnDirection opening) =>
        new(
            ConstructionTask.Copy,
            ray.Vertex,
            ray.Direction,
            opening,
            angle.Measure.Degrees,
            angle,
            [.. RaysOf(angle), ray]
        );

    /// <summary>An angle of a measure built on a ray.</summary>
    public static ConstructionAim Building(BaseRay ray, TurnDirection opening, double degrees) =>
        new(ConstructionTask.Build, ray.Vertex, ray.Direction, opening, degrees, null, [ray]);

    private static BaseRay[] RaysOf(Angle angle) =>
        [
            new(angle.Vertex, angle.Start, angle.StartLength),
            new(angle.Vertex, angle.End, angle.EndLength),
        ];
}
