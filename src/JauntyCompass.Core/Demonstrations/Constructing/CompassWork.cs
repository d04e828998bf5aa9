using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Demonstrations.Constructing;

/// <summary>What constructions with compass and straightedge are demonstrated with: arcs, crossings, the line that joins, the check.</summary>
/// <param name="board">The steps.</param>
internal sealed class CompassWork(Storyboard board)
{
    // A usual opening, and how far arcs run beyond what they are drawn for; in mm and degrees.
    internal const double Opening = 42;
    private const double Beyond = 9;
    private const double Ray = 88;

    /// <summary>Draws an arc from before one point to beyond another; the compass stays where it ended.</summary>
    internal void Arc(
        string id,
        Point needle,
        Point from,
        Point to,
        Ink ink = Ink.Pencil,
        double beyond = Beyond
    )
    {
        var start = Direction.Between(needle, from);
        double turn = start.ShorterTurnTo(Direction.Between(needle, to));
        int sense = turn < 0 ? -1 : 1;
        double radius = needle.DistanceTo(from);
        double sweep = turn + 2 * sense * beyond;
        Direction first = start.Turned(-sense * beyond);
        board.Arc(new CompassArc(id, needle, radius, first, sweep, ink));
        Stand(needle, needle.Towards(first.Turned(sweep), radius));
    }

    /// <summary>Draws a short arc on either side of a point.</summary>
    internal void ArcAt(
        string id,
        Point needle,
        Point at,
        Ink ink = Ink.Pencil,
        double beyond = 16
    ) => Arc(id, needle, at, at, ink, beyond);

    /// <summary>Puts the compass down.</summary>
    internal void Stand(Point needle, Point pencil) =>
        board.Sheet = board.Sheet with { Compass = new LaidCompass(needle, pencil) };

    /// <summary>Takes the compass and the straightedge away.</summary>
    internal void PutAway() =>
        board.Sheet = board.Sheet with { Compass = null, Straightedge = null };

    /// <summary>Marks a crossing by a dot.</summary>
    internal void Dot(string id, Point at) => board.Dot(new DrawnDot(id, at));

    /// <summary>Draws the line from the vertex through a point, along the straightedge.</summary>
    internal void Join(string id, Point vertex, Point through)
    {
        PutAway();
        var towards = Direction.Between(vertex, through);
        board.Sheet = board.Sheet with { Straightedge = new LaidStraightedge(vertex, towards) };
        board.Rule(
            new DrawnLine(
                id,
                vertex,
                vertex.Towards(towards, Math.Max(Ray, vertex.DistanceTo(through) + 12)),
                Arrow: true
            )
        );
    }

    /// <summary>Lays the protractor on what came out and reads it.</summary>
    internal void Check(Angle constructed, Protractor instrument)
    {
        const string Id = "check";
        PutAway();
        Angle reaches = constructed with
        {
            StartLength = Math.Max(constructed.StartLength, instrument.EdgeRadius + 6),
            EndLength = Math.Max(constructed.EndLength, instrument.EdgeRadius + 6),
        };
        if (WellLaid.Over(reaches, instrument) is { } placement)
        {
            board.Lay(new LaidInstrument(Id, instrument.Id, placement));
        }
        board.Put(
            new Figure(Id, constructed)
            {
                HasArms = false,
                Written = Text.Units.Degrees(Math.Round(constructed.Measure.Degrees, 1)),
            }
        );
        board.Step(
            "check",
            Text.Demonstrations.Labels.Check,
            Text.Demonstrations.Constructing.Check(Math.Round(constructed.Measure.Degrees, 1)),
            Question.Open(Text.Demonstrations.Constructing.CheckQuestion)
        );
        board.Lift(Id);
    }

    /// <summary>Where two circles cross, nearer to a place.</summary>
    internal static Point Crossing(
        Point one,
        double radius,
        Point other,
        double second,
        Point near
    ) => Curve.Circle(one, radius).CrossingNear(Curve.Circle(other, second), near)!.Value;
}
