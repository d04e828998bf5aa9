using System.Text.Json.Serialization;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Angles;

/// <summary>A point on the sheet, in millimetres; x runs to the right, y up.</summary>
/// <param name="X">Millimetres to the right of the sheet's origin.</param>
/// <param name="Y">Millimetres above the sheet's origin.</param>
[method: JsonConstructor]
public readonly record struct Point(double X, double Y) : IValidatable
{
    /// <summary>The farthest from the origin that a point of a sheet may lie, in mm along either axis.</summary>
    public const double Farthest = 2000;

    /// <summary>The distance to another point, in mm.</summary>
    public double DistanceTo(Point other)
    {
        double dx = other.X - X;
        double dy = other.Y - Y;
        return Math.Sqrt(dx * dx + dy * dy);
    }

    /// <summary>The point <paramref name="distance"/> mm away in a direction.</summary>
    public Point Towards(Direction direction, double distance)
    {
        (double sin, double cos) = direction.SinCos();
        return new Point(X + distance * cos, Y + distance * sin);
    }

    /// <summary>The point to a hundredth of a millimetre: finer than anything that is drawn.</summary>
    public Point Rounded() => new(Math.Round(X, 2), Math.Round(Y, 2));

    /// <summary>Requires both coordinates finite and within <see cref="Farthest"/> of the origin.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Range("x", X, -Farthest, Farthest, Unit.Millimetres);
        errors.Range("y", Y, -Farthest, Farthest, Unit.Millimetres);
    }
}
