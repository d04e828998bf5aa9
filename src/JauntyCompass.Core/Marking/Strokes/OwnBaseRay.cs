using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Strokes;

/// <summary>An angle drawn from nothing: which of its two lines is the base ray, and where the vertex is.</summary>
/// <param name="Base">The base ray, running away from the vertex.</param>
/// <param name="Shake">How far the hand strayed beside it, in mm.</param>
/// <param name="Second">The other line.</param>
/// <param name="Opening">Which way round the angle opens from the base ray.</param>
public sealed record OwnBaseRay(StrokeLine Base, double Shake, PencilLine Second, Opening Opening)
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

    /// <summary>Finds the two arms; null while there are not two.</summary>
    /// <param name="marks">What was drawn.</param>
    /// <param name="opening">Which way round it was asked to open, for arms of which nothing else tells which is the base.</param>
    /// <param name="placement">How the instrument lay, or null: its zero line lay on the base ray.</param>
    public static OwnBaseRay? Find(PencilMarks marks, Opening opening, Placement? placement)
    {
        PencilLine? one = marks.Lines.FirstOrDefault(l => l.Length >= ShortestArm);
        PencilLine? other = one is null
            ? null
            : marks.Lines.FirstOrDefault(l =>
                l != one && l.Length >= ShortestArm && Between(l, one) > SameDirection
            );
        if (one is null || other is null)
        {
            return null;
        }
        // Arms are drawn base ray first, unless the instrument tells otherwise.
        if (other.First < one.First)
        {
            (one, other) = (other, one);
        }
        if (placement is Placement laid)
        {
            return Off(other, laid) < Off(one, laid) ? Of(other, one) : Of(one, other);
        }
        OwnBaseRay found = Of(one, other);
        return found.Opening == opening ? found : Of(other, one);
    }

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
            turn >= 0 ? Opening.Anticlockwise : Opening.Clockwise
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
