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
    // What a perfect hand comes to is exact but for rounding: the sine of a quarter of a degree.
    private const double Exact = 0.00436;

    // A line this near to a crossing was drawn to it; nearer to the vertex than that, a crossing gives no direction. In mm.
    private const double DrawnTo = 2.5;
    private const double LeastFromVertex = 8;

    // Where arcs cross almost alike, nobody sees exactly where: what counts for near grows with it, as if their sine were no less than this.
    private const double LeastSine = 0.35;

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
        (PencilLine? outcome, IReadOnlyList<StrokeLine> others) = Outcome(aim, marks, arcs);
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
        var seen = new SeenConstruction(aim, circles, others);
        var asItStands = Retracing.AsItStands(seen);
        SeenPoint? meeting = Meeting(seen, asItStands, ray);
        if (ray is not StrokeLine line)
        {
            return made.With(meeting is null ? ConstructionFlaw.Unknown : ConstructionFlaw.None);
        }
        return (meeting is SeenPoint there ? Joined(made, seen, line, there) : null)
            ?? Otherwise(made, seen, line, asItStands, isAlone: true)
            // Something else went wrong, too: arcs that end too soon, or a line that runs elsewhere.
            ?? Otherwise(made, seen, line, asItStands, isAlone: false)
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
        SeenConstruction seen,
        StrokeLine line,
        in SeenPoint meeting
    )
    {
        if (meeting.EndsBefore > MostTooShort)
        {
            return null;
        }
        if (meeting.EndsBefore > Reaches)
        {
            return made.With(ConstructionFlaw.ArcsTooShort, meeting.EndsBefore, meeting.At);
        }
        // Beside it: to another crossing, or just not well.
        bool isWrong = !IsDrawnTo(made.Aim, line, meeting);
        foreach (SeenPoint other in seen.Points)
        {
            if (
                isWrong
                && other.Other >= seen.Rays
                && other.EndsBefore <= Reaches
                && other.At.DistanceTo(meeting.At) > 2 * DrawnTo
                && other.At.DistanceTo(made.Aim.Vertex) >= LeastFromVertex
                && line.DistanceFrom(other.At) <= DrawnTo
            )
            {
                return made.With(ConstructionFlaw.WrongCrossing, place: meeting.At);
            }
        }
        return made.With(ConstructionFlaw.None);
    }

    // The one thing that, meant otherwise, leads to what was asked; of several the one that strays least. What looks meant as it stands,
    // such as an opening that another arc has, counts for farther off.
    // It is alone where the arcs reach and the line is drawn there: nothing else went wrong then.
    private static ConstructionReading? Otherwise(
        Made made,
        SeenConstruction seen,
        StrokeLine line,
        Retracing asItStands,
        bool isAlone
    )
    {
        const double TimesWherePlain = 3;
        (Relaxed Relaxed, Retracing Retraced)? best = null;
        double least = double.MaxValue;
        // The nearest of what each may have been meant for comes first.
        int circles = seen.Circles.Count;
        int tries = Math.Min(MostTries, 2 * MostRanks * circles);
        for (int i = 0; i < tries; i++)
        {
            int circle = i / 2 % circles;
            var relaxed = new Relaxed(circle, IsCentre: i % 2 == 1, i / (2 * circles));
            double times = asItStands.IsPlain(circle, relaxed.IsCentre) ? TimesWherePlain : 1;
            if (
                Retracing.Of(seen, relaxed, least / times) is Retracing retraced
                && Meeting(seen, retraced, line) is SeenPoint meeting
                && (
                    isAlone
                        ? meeting.EndsBefore <= Reaches && IsDrawnTo(made.Aim, line, meeting)
                        : meeting.EndsBefore <= MostTooShort
                )
            )
            {
                (best, least) = (
                    (relaxed, retraced),
                    times * Math.Abs(retraced.Strayed ?? double.MaxValue)
                );
            }
        }
        return best is var (found, how)
            ? Strayed(made, seen.Circles[found.Arc].First, found.IsCentre, how, seen)
            : null;
    }

    // Through the meeting point, and on the side of it that was asked for: a copy of nearly 90° to the wrong side runs through it, too.
    private static bool IsDrawnTo(ConstructionAim aim, StrokeLine line, in SeenPoint meeting)
    {
        var wanted = Curve.Line(aim.Vertex, aim.Wanted);
        var drawn = Curve.Line(aim.Vertex, line.Direction);
        return wanted.Along(meeting.At) > 0 == drawn.Along(meeting.At) > 0
            && line.DistanceAcross(meeting.At) <= DrawnTo / Math.Max(LeastSine, meeting.Sine);
    }

    private static ConstructionReading Strayed(
        Made made,
        in SeenArc arc,
        bool isCentre,
        Retracing retraced,
        SeenConstruction seen
    )
    {
        double by = Math.Abs(retraced.Strayed ?? 0);
        // A distance that was set as near as a hand can, where another opening is as long.
        if (!isCentre && retraced.MeantAs < 0 && by <= Retracing.SameDistance)
        {
            return made.With(ConstructionFlaw.None);
        }
        return isCentre
            ? made.With(ConstructionFlaw.NeedleOff, by, retraced.MeantAt, arc)
            : made.With(
                by <= MostSlipped
                    ? ConstructionFlaw.OpeningChanged
                    : ConstructionFlaw.UnlikeOpenings,
                by,
                arc.Middle,
                arc,
                retraced.MeantAs < 0 ? null : seen.Circles[retraced.MeantAs].First
            );
    }

    // Where two arcs cross on the line that was asked for: of several the one that the arcs reach best and the line comes nearest to.
    private static SeenPoint? Meeting(SeenConstruction seen, Retracing retracing, StrokeLine? line)
    {
        var wanted = Curve.Line(seen.Aim.Vertex, seen.Aim.Wanted);
        SeenPoint? meeting = null;
        double least = double.MaxValue;
        for (int i = seen.Given; i < seen.Points.Count; i++)
        {
            SeenPoint point = seen.Points[i];
            if (
                !point.IsOfCircles
                || retracing.IdealOf(i) is not Point ideal
                || ideal.DistanceTo(seen.Aim.Vertex) is not (>= LeastFromVertex and double away)
                || wanted.DistanceFrom(ideal) > away * Exact
            )
            {
                continue;
            }
            double far =
                Math.Max(Reaches, point.EndsBefore)
                + (line is StrokeLine drawn ? drawn.DistanceAcross(point.At) : 0);
            if (far < least)
            {
                (meeting, least) = (point, far);
            }
        }
        return meeting;
    }

    // The line that comes out: it begins at the vertex, and is no ray that was given, drawn over or drawn on. Where none begins there, the
    // longest that is none of those.
    private static (PencilLine? Outcome, IReadOnlyList<StrokeLine> Others) Outcome(
        ConstructionAim aim,
        PencilMarks marks,
        IReadOnlyList<SeenArc> arcs
    )
    {
        (PencilLine? Line, (Standing Standing, double Off) Rank) best = (
            null,
            (Standing.Elsewhere, double.MaxValue)
        );
        foreach (PencilLine line in marks.Lines)
        {
            // Of several that stand alike, the one nearest to what was asked.
            if (StandingOf(aim, line, arcs) is Standing standing)
            {
                double off =
                    standing == Standing.Elsewhere
                        ? line.GapTo(aim.Vertex)
                        : Math.Abs(aim.Wanted.ShorterTurnTo(RayOf(aim, line).Direction));
                best = (standing, off).CompareTo(best.Rank) < 0 ? (line, (standing, off)) : best;
            }
        }
        PencilLine? outcome = best.Line;
        return (
            outcome,
            [
                .. marks
                    .Lines.Where(l => l != outcome)
                    .Select(l => StrokeLine.From(aim.Vertex, l.One, l.Other)),
            ]
        );
    }

    // What a line may be, the likeliest to have come out first.
    private enum Standing
    {
        AtVertex,

        // It runs where a ray was given that begins there.
        OnGiven,

        // A needle stood on it afterwards.
        Helped,

        Elsewhere,
    }

    // Null where it only draws a given ray again, or on.
    private static Standing? StandingOf(
        ConstructionAim aim,
        PencilLine line,
        IReadOnlyList<SeenArc> arcs
    )
    {
        const double AtVertex = 4;
        bool begins = line.GapTo(aim.Vertex) <= AtVertex;
        // One that begins there may well run where a ray of the other angle lies.
        bool isAlong = aim.Rays.Any(ray =>
            (!begins || ray.Vertex == aim.Vertex) && RunsAlong(ray, line)
        );
        return (begins, isAlong) switch
        {
            (false, true) => null,
            (false, false) => Standing.Elsewhere,
            // Where arcs led to it, it came out, even there.
            (true, true) => arcs.Count > 0 ? Standing.OnGiven : null,
            _ => Helped(aim, line, arcs) ? Standing.Helped : Standing.AtVertex,
        };
    }

    private static bool Helped(ConstructionAim aim, PencilLine line, IReadOnlyList<SeenArc> arcs)
    {
        const double Beside = 2;
        var drawn = new StrokeLine(line.One, line.Other);
        foreach (SeenArc arc in arcs)
        {
            if (
                arc.Centre.DistanceTo(aim.Vertex) >= LeastFromVertex
                && drawn.DistanceFrom(arc.Centre) <= Beside
            )
            {
                return true;
            }
        }
        return false;
    }

    private static bool RunsAlong(BaseRay ray, PencilLine line)
    {
        const double Beside = 2;
        var along = Curve.Line(ray.Vertex, ray.Direction);
        return along.DistanceFrom(line.One) <= Beside
            && along.DistanceFrom(line.Other) <= Beside
            // A line that leaves the vertex the other way is one of its own: the construction may have come to that.
            && Math.Max(along.Along(line.One), along.Along(line.Other)) > Beside;
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
