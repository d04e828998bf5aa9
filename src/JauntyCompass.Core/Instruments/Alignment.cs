using System.Text.Json.Serialization;
using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Instruments;

/// <summary>Which end of the zero line, as printed.</summary>
public enum ZeroLineEnd
{
    /// <summary>Bearing 0°.</summary>
    Right,

    /// <summary>Bearing 180°.</summary>
    Left,
}

/// <summary>How well a protractor is lined up with an angle.</summary>
/// <param name="CentreOffset">Distance from the vertex to the centre mark, in mm.</param>
/// <param name="LinedUpArm">The arm nearest to the zero line: the one the student or teacher means.</param>
/// <param name="ZeroLineEnd">The end of the zero line that lies along that arm.</param>
/// <param name="ZeroLineOff">
/// How far the zero line is turned from that arm: degrees in [-90, 90], anticlockwise positive.
/// </param>
/// <param name="EdgeOnArm">
/// Whether the straight edge, not the zero line, lies along that arm. Never so on an instrument without an inset.
/// </param>
[method: JsonConstructor]
public readonly record struct Alignment(
    double CentreOffset,
    WhichArm LinedUpArm,
    ZeroLineEnd ZeroLineEnd,
    double ZeroLineOff,
    bool EdgeOnArm
)
{
    /// <summary>
    /// Farther off than this, in degrees, and the zero line was not meant to lie on an arm at all. Common practice, no source.
    /// </summary>
    public const double FarthestLinedUp = 15;

    // An edge laid along an arm by hand: at most so many degrees and mm off it. Common practice, no source.
    private const double EdgeDegrees = 3;
    private const double EdgeMillimetres = 2;

    /// <summary>Whether an arm lies on the zero line as far as can be meant.</summary>
    public bool IsLinedUp => Math.Abs(ZeroLineOff) <= FarthestLinedUp;

    /// <summary>The arm that is read, opposite the lined-up one.</summary>
    public WhichArm ReadArm => LinedUpArm == WhichArm.Start ? WhichArm.End : WhichArm.Start;

    internal static Alignment Of(
        Angle angle,
        Protractor protractor,
        in Placement placement,
        WhichArm? linedUp
    )
    {
        (double start, ZeroLineEnd startEnd) = OffZeroLine(angle.Start, placement);
        (double end, ZeroLineEnd endEnd) = OffZeroLine(angle.End, placement);
        bool byStart = linedUp is WhichArm meant
            ? meant == WhichArm.Start
            : Math.Abs(start) <= Math.Abs(end);
        double off = byStart ? start : end;
        return new Alignment(
            angle.Vertex.DistanceTo(placement.Centre),
            byStart ? WhichArm.Start : WhichArm.End,
            byStart ? startEnd : endEnd,
            off,
            EdgeLiesAt(angle.Vertex, protractor, placement) && Math.Abs(off) <= EdgeDegrees
        );
    }

    private static (double Off, ZeroLineEnd End) OffZeroLine(Direction arm, in Placement placement)
    {
        double right = arm.ShorterTurnTo(placement.DirectionOf(0));
        return Math.Abs(right) <= 90
            ? (right, ZeroLineEnd.Right)
            : (arm.ShorterTurnTo(placement.DirectionOf(180)), ZeroLineEnd.Left);
    }

    private static bool EdgeLiesAt(Point vertex, Protractor protractor, in Placement placement)
    {
        double aboveZeroLine = placement.HeightAboveZeroLine(vertex);
        double aboveEdge = Math.Abs(aboveZeroLine + protractor.Inset);
        return aboveEdge <= EdgeMillimetres && aboveEdge < Math.Abs(aboveZeroLine);
    }
}
