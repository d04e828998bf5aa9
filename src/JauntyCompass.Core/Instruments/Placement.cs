using System.Text.Json.Serialization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Instruments;

/// <summary>
/// Where an instrument lies on the sheet. Bearings on the instrument become directions on the sheet by turning; an
/// instrument that is turned over shows its printing mirrored, left and right swapped.
/// </summary>
/// <param name="Centre">Where the centre mark is.</param>
/// <param name="Turn">How the body is turned, anticlockwise from upright with the straight edge below.</param>
/// <param name="TurnedOver">True when it lies on its printed face.</param>
[method: JsonConstructor]
public readonly record struct Placement(Point Centre, Direction Turn, bool TurnedOver = false)
    : IValidatable
{
    /// <summary>The direction on the sheet of a bearing on the instrument.</summary>
    public Direction DirectionOf(double bearing) =>
        Turn.Turned(TurnedOver ? 180 - bearing : bearing);

    /// <summary>The bearing on the instrument of a direction on the sheet, in [0, 360).</summary>
    public double BearingOf(Direction direction)
    {
        double fromTurn = direction.Degrees - Turn.Degrees;
        return Direction.Reduce(TurnedOver ? 180 - fromTurn : fromTurn);
    }

    /// <summary>The point on the sheet that is some mm from the centre mark at a bearing.</summary>
    public Point PointAt(double bearing, double radius) =>
        Centre.Towards(DirectionOf(bearing), radius);

    /// <summary>
    /// How far a point of the sheet lies above the zero line, in mm, measured across the body (negative towards the straight edge).
    /// </summary>
    public double HeightAboveZeroLine(Point point)
    {
        (double sin, double cos) = Turn.SinCos();
        return (point.Y - Centre.Y) * cos - (point.X - Centre.X) * sin;
    }

    /// <summary>How far a point of the sheet lies along the body from the centre mark, in mm, to the body's right positive.</summary>
    public double AlongZeroLine(Point point)
    {
        (double sin, double cos) = Turn.SinCos();
        return (point.X - Centre.X) * cos + (point.Y - Centre.Y) * sin;
    }

    /// <summary>The same as it is kept: to a hundredth of a millimetre and of a degree.</summary>
    public Placement Rounded() =>
        new(
            Centre.Rounded(),
            new Direction(Direction.Reduce(Math.Round(Turn.Degrees, 2))),
            TurnedOver
        );

    /// <summary>Requires the centre mark on the sheet.</summary>
    public void Validate(ValidationErrors errors) => errors.Within("centre", Centre);
}
