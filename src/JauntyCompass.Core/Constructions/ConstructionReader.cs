using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// Finds out how a construction was made. It is retraced as it stands; where that does not lead to what was asked, the one thing is
/// looked for that, meant otherwise than it stands, would have led there. Whoever comes to what was asked by another way did it right, too.
/// </summary>
internal static class ConstructionReader
{
    // What a perfect hand comes to is exact but for rounding; in degrees.
    private const double Exact = 0.25;

    // A line this near to a crossing was drawn to it; nearer to the vertex than that, a crossing gives no direction. In mm.
    private const double DrawnTo = 2.5;
    private const double LeastFromVertex = 8;

    // An arc that ends no more than this before a crossing was meant to reach it, and a pencil makes up for it. In mm.
    private const double Reaches = 1.5;

    // Arcs that end farther before a crossing were not drawn for it.
    private const double MostTooShort = 16;

    // An opening that slipped changed by no more than this, in mm; more of it was never the same. Common practice, no source.
    private const double MostSlipped = 5;

    private const int MostRanks = 5;

    // The work grows with the third power of what is drawn. No construction of a school book needs half as much.
    private const int MostCircles = 16;
    private const int MostLines = 10;
    private const int MostTries = 64;

    internal static ConstructionReading Read(
        ConstructionAim aim,
        PencilMarks marks,
        IReadOnlyList<SeenArc> arcs
    )
    {
        (PencilLine? outcome, IReadOnlyList<StrokeLine> others) = Outcome(aim, marks);
        StrokeLine? ray = outcome is null ? null : RayOf(aim, outcome);
        var made = new Made(aim, arcs, ray);
        if (arcs.Count == 0)
        {
            // An empty sheet shows no way at all.
            return made.With(ray is null ? ConstructionFlaw.Unknown : ConstructionFlaw.NoArcs);
        }
        IReadOnlyList<DrawnCircle> circles = DrawnCircle.Of(arcs);
        if (circles.Count > MostCircles || others.Count > MostLines)
        {
            return made.With(ConstructionFlaw.Unknown);
        }
        var asItStands = Retracing.Of(aim, circles, others, Relaxed.None);
        KnownPoint? meeting = Meeting(circles, asItStands, aim, ray);
        if (ray is not StrokeLine line)
        {
            return made.With(meeting is null ? ConstructionFlaw.Unknown : ConstructionFlaw.None);
        }
        return (meeting is KnownPoint there ? Joined(made, circles, line, asItStands, there) : null)
            ?? Otherwise(made, circles, others, line, asItStands)
            ?? made.With(ConstructionFlaw.Unknown);
    }

    // What is known before it is known what went wrong.
    private readonly record struct Made(
        ConstructionAim Aim,
        IReadOnlyList<SeenArc> Arcs,
        StrokeLine? Ray
    )
    {
        internal ConstructionReading With(
            ConstructionFlaw flaw,
            double size = 0,
            Point? place = null,
            SeenArc? arc = null,
            SeenArc? like = null
        ) =>
            new(Aim, Arcs, Ray)
            {
                Flaw = flaw,
                Size = size,
                Place = place,
                Arc = arc,
                Like = like,
            };
    }

    // The construction leads to what was asked; what is left is whether the arcs meet there and the line was drawn there. Null where it
    // leads there only by arcs that nobody meant to draw so far.
    private static ConstructionReading? Joined(
        Made made,
        IReadOnlyList<DrawnCircle> arcs,
        StrokeLine line,
        Retracing retracing,
        in KnownPoint meeting
    )
    {
        double before = Before(arcs, retracing, meeting);
        if (before > MostTooShort)
        {
            return null;
        }
        if (before > Reaches)
        {
            return made.With(ConstructionFlaw.ArcsTooShort, before, meeting.Seen);
        }
        // Beside it: to another crossing, or just not well.
        bool isWrong = line.DistanceAcross(meeting.Seen) > DrawnTo;
        foreach (KnownPoint other in retracing.Points)
        {
            if (
                isWrong
                && other.Other >= 0
                && other.Seen.DistanceTo(meeting.Seen) > 2 * DrawnTo
                && other.Seen.DistanceTo(made.Aim.Vertex) >= LeastFromVertex
                && line.DistanceFrom(other.Seen) <= DrawnTo
                && Before(arcs, retracing, other) <= Reaches
            )
            {
                return made.With(ConstructionFlaw.WrongCrossing, place: meeting.Seen);
            }
        }
        return made.With(ConstructionFlaw.None);
    }

    // The one thing that, meant otherwise, leads to what was asked; of several the one that strays least. What looks meant as it stands,
    // such as an opening that another arc has, counts for farther off.
    private static ConstructionReading? Otherwise(
        Made made,
        IReadOnlyList<DrawnCircle> arcs,
        IReadOnlyList<StrokeLine> others,
        StrokeLine line,
        Retracing asItStands
    )
    {
        const double TimesWherePlain = 3;
        (Relaxed Relaxed, Retracing Retraced)? best = null;
        double least = double.MaxValue;
        // The nearest of what each may have been meant for comes first.
        int tries = Math.Min(MostTries, 2 * MostRanks * arcs.Count);
        for (int i = 0; i < tries; i++)
        {
            int arc = i / 2 % arcs.Count;
            var relaxed = new Relaxed(arc, IsCentre: i % 2 == 1, i / (2 * arcs.Count));
            var retraced = Retracing.Of(made.Aim, arcs, others, relaxed);
            double far =
                Math.Abs(retraced.Strayed ?? double.MaxValue)
                * (asItStands.IsPlain(arc, relaxed.IsCentre) ? TimesWherePlain : 1);
            if (far < least && LeadsThere(made.Aim, arcs, retraced, line))
            {
                (best, least) = ((relaxed, retraced), far);
            }
        }
        return best is var (found, how)
            ? Strayed(made, arcs[found.Arc].First, found.IsCentre, how, arcs)
            : null;
    }

    private static bool LeadsThere(
        ConstructionAim aim,
        IReadOnlyList<DrawnCircle> arcs,
        Retracing retraced,
        StrokeLine line
    ) =>
        Meeting(arcs, retraced, aim, line) is KnownPoint meeting
        && Before(arcs, retraced, meeting) <= Reaches
        && line.DistanceAcross(meeting.Seen) <= DrawnTo;

    private static ConstructionReading Strayed(
        Made made,
        in SeenArc arc,
        bool isCentre,
        Retracing retraced,
        IReadOnlyList<DrawnCircle> arcs
    )
    {
        double by = Math.Abs(retraced.Strayed ?? 0);
        return isCentre
            ? made.With(ConstructionFlaw.NeedleOff, by, retraced.MeantAt, arc)
            : made.With(
                by <= MostSlipped
                    ? ConstructionFlaw.OpeningChanged
                    : ConstructionFlaw.UnlikeOpenings,
                by,
                arc.Middle,
                arc,
                retraced.MeantAs < 0 ? null : arcs[retraced.MeantAs].First
            );
    }

    // Where two arcs cross on the line that was asked for: of several the one that the arcs reach best and the line comes nearest to.
    private static KnownPoint? Meeting(
        IReadOnlyList<DrawnCircle> arcs,
        Retracing retracing,
        ConstructionAim aim,
        StrokeLine? line
    )
    {
        KnownPoint? meeting = null;
        double least = double.MaxValue;
        foreach (KnownPoint point in retracing.Points)
        {
            if (
                retracing.ArcOf(point.One) < 0
                || retracing.ArcOf(point.Other) < 0
                || aim.Vertex.DistanceTo(point.Ideal) < LeastFromVertex
            )
            {
                continue;
            }
            double off = Math.Abs(
                aim.Wanted.ShorterTurnTo(Direction.Between(aim.Vertex, point.Ideal))
            );
            if (off > Exact && 180 - off > Exact)
            {
                continue;
            }
            double far =
                Math.Max(Reaches, Before(arcs, retracing, point))
                + (line is StrokeLine drawn ? drawn.DistanceAcross(point.Seen) : 0);
            if (far < least)
            {
                (meeting, least) = (point, far);
            }
        }
        return meeting;
    }

    // How far the arcs end before their crossing, in mm; 0 where they reach it.
    private static double Before(
        IReadOnlyList<DrawnCircle> arcs,
        Retracing retracing,
        in KnownPoint point
    )
    {
        double before = 0;
        foreach (int arc in new[] { retracing.ArcOf(point.One), retracing.ArcOf(point.Other) })
        {
            if (arc >= 0)
            {
                before = Math.Max(before, arcs[arc].EndsBefore(point.Seen));
            }
        }
        return before;
    }

    // The line that comes out: it begins at the vertex, and is no ray that was given, drawn over or drawn on. Where none begins there, the
    // longest that is none of those.
    private static (PencilLine? Outcome, IReadOnlyList<StrokeLine> Others) Outcome(
        ConstructionAim aim,
        PencilMarks marks
    )
    {
        const double AtVertex = 4;
        PencilLine? outcome = null;
        double best = double.MaxValue;
        foreach (PencilLine line in marks.Lines)
        {
            // Of the lines at the vertex the one nearest to what was asked: the others helped.
            double gap = line.GapTo(aim.Vertex);
            // One that begins there may well run where a ray of the other angle lies, too.
            if (
                aim.Rays.Any(ray =>
                    (gap > AtVertex || ray.Vertex == aim.Vertex) && RunsAlong(ray, line)
                )
            )
            {
                continue;
            }
            double off =
                gap <= AtVertex
                    ? Math.Abs(aim.Wanted.ShorterTurnTo(RayOf(aim, line).Direction))
                    : 360 + gap;
            if (off < best)
            {
                (outcome, best) = (line, off);
            }
        }
        return (
            outcome,
            [
                .. marks
                    .Lines.Where(l => l != outcome)
                    .Select(l => StrokeLine.From(aim.Vertex, l.One, l.Other)),
            ]
        );
    }

    private static bool RunsAlong(BaseRay ray, PencilLine line)
    {
        const double Beside = 2;
        var along = Curve.Line(ray.Vertex, ray.Direction);
        return along.DistanceFrom(line.One) <= Beside && along.DistanceFrom(line.Other) <= Beside;
    }

    // A line that runs on behind the vertex is taken on the side that was asked for, if there is some of it.
    private static StrokeLine RayOf(ConstructionAim aim, PencilLine line)
    {
        StrokeLine seen = line.Seen(aim.Vertex);
        const double LeastOfRay = 12;
        bool turnedAway =
            Math.Abs(aim.Wanted.ShorterTurnTo(seen.Direction)) > 90
            && seen.Along(aim.Vertex) >= LeastOfRay;
        return turnedAway ? new StrokeLine(seen.Far, seen.Near) : seen;
    }
}
