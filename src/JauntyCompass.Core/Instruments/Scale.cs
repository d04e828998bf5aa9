using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Instruments;

/// <summary>
/// One ring of numbers on a protractor. Bearings are degrees anticlockwise from the right-hand end of the zero line, as
/// printed (not turned over).
/// </summary>
/// <param name="Id">Short name that is unique on its instrument, such as <c>inner</c>.</param>
/// <param name="Radius">Where its numbers stand: mm from the centre mark.</param>
/// <param name="ZeroAt">Bearing of its zero, 0 to 360 (360 excluded).</param>
/// <param name="Growth">Which way its numbers grow, as printed.</param>
/// <param name="Extent">Its largest reading: 1 to 360 degrees.</param>
public sealed record Scale(
    string Id,
    double Radius,
    double ZeroAt,
    TurnDirection Growth,
    double Extent
) : IValidatable
{
    // An arm laid exactly on zero may cross a rounding error below it; that is still zero and not 360.
    private const double RoundingAllowance = 1e-7;

    /// <summary>The reading at a bearing, in degrees, or null where the scale has no graduations.</summary>
    public double? ReadingAt(double bearing)
    {
        double reading = Direction.Reduce(Growth.Sign() * (bearing - ZeroAt));
        if (reading > 360 - RoundingAllowance)
        {
            return 0;
        }
        if (reading > Extent)
        {
            return reading <= Extent + RoundingAllowance ? Extent : null;
        }
        return reading;
    }

    /// <summary>The bearing at which a reading stands, in [0, 360). The inverse of <see cref="ReadingAt"/> on the scale.</summary>
    public double BearingOf(double reading) => Direction.Reduce(ZeroAt + Growth.Sign() * reading);

    /// <summary>Requires a name, a positive radius, a bearing for zero and an extent in range.</summary>
    public void Validate(ValidationErrors errors)
    {
        errors.Text("id", Id, 1, 40);
        errors.Range("radius", Radius, 1, Protractor.LargestRadius, Unit.Millimetres);
        errors.Range("zeroAt", ZeroAt, 0, 359.999, Unit.Degrees);
        errors.Known("growth", Growth);
        errors.Range("extent", Extent, 1, 360, Unit.Degrees);
    }
}
