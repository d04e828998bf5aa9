using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Recognition;

/// <summary>An angle drawn from nothing: which of its two lines is the base ray, and where the vertex is.</summary>
/// <param name="Base">The base ray, running away from the vertex.</param>
/// <param name="Shake">How far the hand strayed beside it, in mm.</param>
/// <param name="Second">The other line.</param>
/// <param name="Opening">Which way round the angle opens from the base ray.</param>
public sealed record OwnBaseRay(
    StrokeLine Base,
    double Shake,
    PencilLine Second,
    TurnDirection Opening
)
{
    // Shorter lines are no arms, in mm; lines that cross at less are one arm drawn twice, in degrees.
    private const double ShortestArm = 12;
    private const double SameDirection = 3;

    // A base ray may run on behind the vertex or stop before it so far, in mm; farther, and it ends where it ends.
    private const double RunsOn = 12;
    private const double StopsShort = 1.5;
    private const double NarrowSine = 0.45;

    /// <summary>The vertex.</summary>
    public Point Vertex => Base.Near;

    // Of more lines than these no hand makes an angle; the longest are looked at.
    private const int MostLines = 6;

    // How far a hand lays the zero line off the base ray, in degrees, and the centre mark off the vertex, in mm; what it tells when a
    // line was drawn first, and when the angle opens as the task shows. Common practice, no source.
    private const double ZeroLineOff = 2;
    private const double CentreMarkOff = 4;
    private const double DrawnFirst = 0.7;
    private const double OpensAsShown = 0.4;

    /// <summary>
    /// Finds the two arms: of all pairs of lines the one that explains the sheet best, by where they meet, the dot, how the instrument lay,
    /// the order and the lengths; null while there are not two.
    /// </summary>
    /// <param name="marks">What was drawn.</param>
    /// <param name="opening">Which way round the task shows it to open, for arms of which nothing else tells which is the base.</param>
    /// <param name="placement">How the instrument lay, or null: its zero line lay on the base ray.</param>
    public static OwnBaseRay? Find(PencilMarks marks, TurnDirection opening, Placement? placement)
    {
        PencilLine[] lines = [.. marks.Lines.Where(l => l.Length >= ShortestArm).Take(MostLines)];
        OwnBaseRay? best = null;
        double most = double.NegativeInfinity;
        foreach (PencilLine one in lines)
        {
            foreach (PencilLine other in lines)
            {
                if (one == other || Between(one, other) <= SameDirection)
                {
                    continue;
                }
                OwnBaseRay found = Of(one, other);
                double score = found.Score(one, marks, opening, placement);
                if (score > most)
                {
                    (best, most) = (found, score);
                }
            }
        }
        // A wide angle in one stroke looks like one line.
        return best is null && lines is [PencilLine only] && only.SplitAtCorner() is var (a, b)
            ? Wide(a, b, marks, opening, placement)
            : best;
    }

    private static OwnBaseRay Wide(
        PencilLine one,
        PencilLine other,
        PencilMarks marks,
        TurnDirection opening,
        Placement? placement
    )
    {
        OwnBaseRay first = Of(one, other);
        OwnBaseRay second = Of(other, one);
        return
            first.Score(one, marks, opening, placement)
            >= second.Score(other, marks, opening, placement)
            ? first
            : second;
    }

    private double Score(
        PencilLine baseLine,
        PencilMarks marks,
        TurnDirection opening,
        Placement? placement
    ) =>
        RayScore.Of(Second, Vertex, marks)
        + RayScore.OfArm(baseLine, Vertex)
        + (baseLine.First <= Second.First ? DrawnFirst : 0)
        + (Opening == opening ? OpensAsShown : 0)
        - (
            placement is Placement laid
                ? RayScore.Off(Off(baseLine, laid), ZeroLineOff)
                    + RayScore.Off(laid.Centre.DistanceTo(Vertex), CentreMarkOff)
                : 0
        );

    private static OwnBaseRay Of(PencilLine one, PencilLine other)
    {
        Point crossing = Crossing(one, other);
        var line = StrokeLine.From(crossing, one.One, one.Other);
        double along = line.Along(crossing);
        double sure = Math.Sin(Between(one, other) * (Math.PI / 180));
        bool isEnd = along >= -StopsShort && along <= Math.Min(RunsOn, line.Length / 2);
        // Where two lines cross at a narrow angle is hardly known; their ends tell it better.
        bool endTells = sure < NarrowSine && Math.Abs(along) <= StopsShort / sure;
        StrokeLine ray = isEnd && !endTells ? line with { Near = crossing } : line;
        double turn = ray.Direction.ShorterTurnTo(other.Seen(ray.Near).Direction);
        return new OwnBaseRay(
            ray,
            one.Shake,
            other,
            turn >= 0 ? TurnDirection.Anticlockwise : TurnDirection.Clockwise
        );
    }

    private static double Between(PencilLine one, PencilLine other)
    {
        double turn = Math.Abs(
            Direction
                .Between(one.One, one.Other)
                .ShorterTurnTo(Direction.Between(other.One, other.Other))
        );
        return Math.Min(turn, 180 - turn);
    }

    private static double Off(PencilLine line, Placement placement)
    {
        double turn = Math.Abs(
            Direction.Between(line.One, line.Other).ShorterTurnTo(placement.DirectionOf(0))
        );
        return Math.Min(turn, 180 - turn);
    }

    private static Point Crossing(PencilLine one, PencilLine other)
    {
        double ax = one.Other.X - one.One.X;
        double ay = one.Other.Y - one.One.Y;
        double bx = other.Other.X - other.One.X;
        double by = other.Other.Y - other.One.Y;
        double t =
            ((other.One.X - one.One.X) * by - (other.One.Y - one.One.Y) * bx) / (ax * by - ay * bx);
        return new Point(one.One.X + t * ax, one.One.Y + t * ay);
    }
}
