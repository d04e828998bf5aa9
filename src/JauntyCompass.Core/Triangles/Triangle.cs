using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Triangles;

/// <summary>A triangle on the sheet. Its corners are numbered from 0; side 0 runs from corner 0 to corner 1, and so on round.</summary>
/// <param name="Corners">Its three corners in the order of its letters, either way round, in mm.</param>
public sealed record Triangle(IReadOnlyList<Point> Corners) : IValidatable
{
    /// <summary>How many corners and sides it has.</summary>
    public const int Count = 3;

    // Shorter ones nobody measures, in mm; and flatter ones nobody draws, in degrees.
    private const double LeastSide = 10;
    private const double LeastAngle = 5;

    /// <summary>A triangle by its sides (law of cosines, Euclid II.12 and II.13): corner 0 at the origin, side 0 level to the right.</summary>
    /// <param name="first">Side 0, in mm.</param>
    /// <param name="second">Side 1.</param>
    /// <param name="third">Side 2.</param>
    /// <exception cref="ArgumentException">Two of them together are no longer than the third.</exception>
    public static Triangle OfSides(double first, double second, double third)
    {
        double x = (first * first + third * third - second * second) / (2 * first);
        double height = third * third - x * x;
        return height > 0
            ? new([default, new Point(first, 0), new Point(x, Math.Sqrt(height))])
            : throw new ArgumentException("No triangle has such sides.", nameof(first));
    }

    /// <summary>A triangle by two angles (law of sines): corner 0 at the origin, side 0 level to the right.</summary>
    /// <param name="first">The angle at corner 0, in degrees.</param>
    /// <param name="second">The angle at corner 1, in degrees; both together less than 180.</param>
    /// <param name="longest">Length of the longest side, in mm.</param>
    public static Triangle OfAngles(double first, double second, double longest) =>
        new(Angles.Corners.OfTriangle(first, second, longest));

    /// <summary>A triangle on a side that is given, by the angles at its ends (law of sines): side 0 is that side.</summary>
    /// <param name="from">One end of it: corner 0.</param>
    /// <param name="way">Which way it runs from there.</param>
    /// <param name="length">Its length, in mm.</param>
    /// <param name="opening">On which side of it the triangle stands: as the angle at that end opens.</param>
    /// <param name="first">The angle at that end, in degrees.</param>
    /// <param name="second">The angle at the other end, in degrees; both together less than 180.</param>
    public static Triangle OnBase(
        Point from,
        Direction way,
        double length,
        TurnDirection opening,
        double first,
        double second
    )
    {
        double side = length * Sin(second) / Sin(first + second);
        return new([
            from,
            from.Towards(way, length),
            from.Towards(way.Turned(opening.Sign() * first), side),
        ]);
    }

    private static double Sin(double degrees) => Math.Sin(degrees * (Math.PI / 180));

    /// <summary>The angle at a corner, from the side to the next corner; its arms are the sides.</summary>
    /// <param name="corner">Which corner, from 0.</param>
    /// <param name="next">The corner at the end of its start arm; the one after it where none is said.</param>
    public Angle At(int corner, int? next = null)
    {
        int start = next ?? Next(corner);
        int end = Count - corner - start;
        Direction towards = Direction.Between(Corners[corner], Corners[start]);
        double turn = towards.ShorterTurnTo(Direction.Between(Corners[corner], Corners[end]));
        return new Angle(
            Corners[corner],
            towards,
            new Measure(Math.Abs(turn)),
            turn >= 0 ? TurnDirection.Anticlockwise : TurnDirection.Clockwise,
            Corners[corner].DistanceTo(Corners[start]),
            Corners[corner].DistanceTo(Corners[end])
        );
    }

    /// <summary>The length of a side, in mm.</summary>
    public double Side(int side) => Corners[side].DistanceTo(Corners[Next(side)]);

    /// <summary>The angle at a corner, in degrees.</summary>
    public double AngleAt(int corner) => At(corner).Measure.Degrees;

    /// <summary>The longest side, in mm.</summary>
    public double Longest => Enumerable.Range(0, Count).Max(Side);

    /// <summary>The shortest side, in mm.</summary>
    public double Shortest => Enumerable.Range(0, Count).Min(Side);

    /// <summary>The corner after another one.</summary>
    public static int Next(int corner) => (corner + 1) % Count;

    /// <summary>The corner before another one.</summary>
    public static int Before(int corner) => (corner + Count - 1) % Count;

    /// <summary>The same triangle turned, turned over at will, and with the middle of the box round it at a place.</summary>
    /// <param name="turn">How far it is turned, in degrees anticlockwise.</param>
    /// <param name="mirrored">Whether it is turned over first.</param>
    /// <param name="middle">Where the middle of its box comes to lie.</param>
    public Triangle Moved(double turn, bool mirrored, Point middle)
    {
        (double sin, double cos) = Math.SinCos(turn * Math.PI / 180);
        return new([
            .. Angles
                .Corners.Centred([
                    .. Corners.Select(p =>
                    {
                        double y = mirrored ? -p.Y : p.Y;
                        return new Point(p.X * cos - y * sin, p.X * sin + y * cos);
                    }),
                ])
                .Select(p => new Point(p.X + middle.X, p.Y + middle.Y).Rounded()),
        ]);
    }

    /// <inheritdoc/>
    public bool Equals(Triangle? other) =>
        other is not null && Corners.SequenceEqual(other.Corners);

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Corners[0], Corners[1], Corners[2]);

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Each("corners", Corners, Count, Count);
        if (!errors.None)
        {
            return;
        }
        for (int i = 0; i < Count; i++)
        {
            if (Side(i) < LeastSide)
            {
                errors.Add($"corners[{i}]", Text.Validation.Item.CornerDistance);
                return;
            }
        }
        for (int i = 0; i < Count; i++)
        {
            if (AngleAt(i) < LeastAngle)
            {
                errors.Add($"corners[{i}]", Text.Validation.Item.CornerAngle);
            }
        }
    }
}
