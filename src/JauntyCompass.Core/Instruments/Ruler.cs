using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Instruments;

/// <summary>
/// A ruler with a graduation at every millimetre and a number at every centimetre. Its zero need not lie at its end, as the zero line of
/// a protractor need not be its straight edge.
/// </summary>
/// <param name="Length">From zero to the last graduation, in mm; 50 to 300.</param>
/// <param name="Inset">From its end to its zero, in mm; 0 to 20.</param>
public sealed record Ruler(double Length, double Inset) : IValidatable
{
    private const double LeastLength = 50;
    private const double MostLength = 300;
    private const double MostInset = 20;

    /// <summary>A school ruler whose zero lies 6 mm from its end.</summary>
    public static Ruler School { get; } = new(150, 6);

    /// <summary>A school ruler whose zero is its end.</summary>
    public static Ruler FromTheEnd { get; } = new(150, 0);

    /// <summary>The number at a point of the sheet beside which it lies, in mm; negative before its zero.</summary>
    /// <param name="placement">Where its zero lies, and which way it counts.</param>
    /// <param name="point">The point.</param>
    public static double ReadingAt(in Placement placement, Point point) =>
        placement.AlongZeroLine(point);

    /// <summary>What a length is read as with the end of the ruler at its beginning, in mm.</summary>
    /// <param name="length">The length, in mm.</param>
    public double FromItsEnd(double length) => length - Inset;

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        errors.Range("length", Length, LeastLength, MostLength);
        errors.Range("inset", Inset, 0, MostInset);
    }
}
