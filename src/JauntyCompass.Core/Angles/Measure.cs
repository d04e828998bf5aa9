using System.Globalization;
using System.Text.Json.Serialization;

namespace JauntyCompass.Core.Angles;

/// <summary>
/// The measure of an angle in degrees, from 0 (zero angle) to 360 (full turn).
/// One degree is π/180 rad (ISO 80000-3; SI Brochure, table 8).
/// </summary>
[JsonConverter(typeof(MeasureJsonConverter))]
public readonly record struct Measure : IComparable<Measure>
{
    // Far below what any hand or eye can tell, far above rounding: it only keeps 89.99999999999999 from being called acute.
    private const double RoundingAllowance = 1e-9;

    /// <summary>Makes a measure.</summary>
    /// <param name="degrees">From 0 to 360.</param>
    /// <exception cref="ArgumentOutOfRangeException">The number is not finite or outside 0 to 360.</exception>
    public Measure(double degrees)
    {
        if (!(degrees >= 0 && degrees <= 360))
        {
            throw new ArgumentOutOfRangeException(
                nameof(degrees),
                degrees,
                "A measure must be a number from 0 to 360 degrees."
            );
        }
        Degrees = degrees;
    }

    /// <summary>Degrees, from 0 to 360.</summary>
    public double Degrees { get; }

    /// <summary>The kind of angle that has this measure.</summary>
    public AngleKind Kind =>
        Degrees switch
        {
            <= RoundingAllowance => AngleKind.Zero,
            < 90 - RoundingAllowance => AngleKind.Acute,
            <= 90 + RoundingAllowance => AngleKind.Right,
            < 180 - RoundingAllowance => AngleKind.Obtuse,
            <= 180 + RoundingAllowance => AngleKind.Straight,
            < 360 - RoundingAllowance => AngleKind.Reflex,
            _ => AngleKind.FullTurn,
        };

    /// <summary>What completes this measure to a straight angle, or null above 180.</summary>
    public Measure? Supplement => Degrees <= 180 ? new Measure(180 - Degrees) : null;

    /// <summary>What completes this measure to a full turn: the other opening between the same two arms.</summary>
    public Measure Explement => new(360 - Degrees);

    /// <summary>Compares by size.</summary>
    public int CompareTo(Measure other) => Degrees.CompareTo(other.Degrees);

    /// <summary>Smaller than.</summary>
    public static bool operator <(Measure left, Measure right) => left.Degrees < right.Degrees;

    /// <summary>Larger than.</summary>
    public static bool operator >(Measure left, Measure right) => left.Degrees > right.Degrees;

    /// <summary>Smaller than or equal.</summary>
    public static bool operator <=(Measure left, Measure right) => left.Degrees <= right.Degrees;

    /// <summary>Larger than or equal.</summary>
    public static bool operator >=(Measure left, Measure right) => left.Degrees >= right.Degrees;

    /// <inheritdoc/>
    public override string ToString() =>
        Degrees.ToString("0.###", CultureInfo.InvariantCulture) + "°";
}

/// <summary>
/// The kinds of angle by measure (Common Core State Standards 4.G.A.1; England's national curriculum, Years 5 and 6 geometry;
/// zero angle and full turn are common practice, no source).
/// </summary>
public enum AngleKind
{
    /// <summary>Exactly 0°.</summary>
    Zero,

    /// <summary>More than 0°, less than 90°.</summary>
    Acute,

    /// <summary>Exactly 90°.</summary>
    Right,

    /// <summary>More than 90°, less than 180°.</summary>
    Obtuse,

    /// <summary>Exactly 180°.</summary>
    Straight,

    /// <summary>More than 180°, less than 360°.</summary>
    Reflex,

    /// <summary>Exactly 360°.</summary>
    FullTurn,
}
