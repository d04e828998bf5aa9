using System.Globalization;
using System.Text.Json.Serialization;

namespace JauntyCompass.Core.Angles;

/// <summary>
/// A direction on the sheet: degrees anticlockwise from the positive x-axis, always in [0, 360).
/// Unlike a <see cref="Measure"/> it has no size, and unlike a turn it has no sense.
/// </summary>
[JsonConverter(typeof(DirectionJsonConverter))]
public readonly record struct Direction
{
    /// <summary>Makes a direction from any finite number of degrees, reduced to [0, 360).</summary>
    /// <param name="degrees">Degrees anticlockwise from the positive x-axis.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is not finite.</exception>
    public Direction(double degrees)
    {
        if (!double.IsFinite(degrees))
        {
            throw new ArgumentOutOfRangeException(
                nameof(degrees),
                degrees,
                "A direction must be a finite number of degrees."
            );
        }
        Degrees = Reduce(degrees);
    }

    /// <summary>Degrees anticlockwise from the positive x-axis, in [0, 360).</summary>
    public double Degrees { get; }

    /// <summary>The direction in which <paramref name="to"/> lies from <paramref name="from"/>; 0 when they coincide.</summary>
    public static Direction Between(Point from, Point to) =>
        new(Math.Atan2(to.Y - from.Y, to.X - from.X) * (180 / Math.PI));

    /// <summary>This direction turned anticlockwise by some degrees; a negative number turns it clockwise.</summary>
    public Direction Turned(double degrees) => new(Degrees + degrees);

    /// <summary>The opposite direction.</summary>
    public Direction Opposite => Turned(180);

    /// <summary>How far to turn anticlockwise from here to reach another direction: degrees in [0, 360).</summary>
    public double AnticlockwiseTo(Direction other) => Reduce(other.Degrees - Degrees);

    /// <summary>The shorter turn from here to another direction: degrees in (-180, 180], anticlockwise positive.</summary>
    public double ShorterTurnTo(Direction other)
    {
        double turn = AnticlockwiseTo(other);
        return turn > 180 ? turn - 360 : turn;
    }

    /// <summary>The sine and cosine of this direction; exact at the four quarter turns.</summary>
    public (double Sin, double Cos) SinCos() =>
        Degrees switch
        {
            0 => (0, 1),
            90 => (1, 0),
            180 => (0, -1),
            270 => (-1, 0),
            _ => Math.SinCos(Degrees * (Math.PI / 180)),
        };

    /// <inheritdoc/>
    public override string ToString() =>
        Degrees.ToString("0.###", CultureInfo.InvariantCulture) + "°";

    internal static double Reduce(double degrees)
    {
        double reduced = degrees - 360 * Math.Floor(degrees / 360);
        // A tiny negative number is reduced to 360 exactly by rounding; that is direction 0.
        return reduced >= 360 ? 0 : reduced;
    }
}
