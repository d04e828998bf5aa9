using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// Finds the arcs among strokes of which nobody saw whether a compass made them, as on paper, and where their needles stood: on a point of
/// the construction, if there is one about which the arc runs as well as about its own best centre.
/// </summary>
internal static class ArcStrokes
{
    // A stroke is an arc when its points lie so many times nearer to a circle than to a line, and bend at least so far from it, in mm.
    private const double Better = 2.2;
    private const double LeastBend = 0.5;

    // Fewer points show no bend.
    private const int LeastPoints = 5;

    // An opening of the compass, in mm.
    private const double LeastOpening = 6;
    private const double MostOpening = 160;

    // A needle that is held to a point costs the fit no more than this, as a share and in mm.
    private const double HeldShare = 1.15;
    private const double HeldMore = 0.05;

    // And the free centre lies no farther from it than a short arc leaves open, in mm for each mm of opening.
    private const double FreeStrays = 0.5;

    /// <summary>Tells arcs from other strokes.</summary>
    /// <param name="aim">What the construction begins with.</param>
    /// <param name="strokes">The strokes.</param>
    /// <param name="arcs">Arcs of which the needle is known.</param>
    /// <param name="rest">The strokes that are no arcs.</param>
    /// <returns>All arcs.</returns>
    internal static IReadOnlyList<SeenArc> Find(
        ConstructionAim aim,
        IReadOnlyList<IReadOnlyList<Point>> strokes,
        IReadOnlyList<SeenArc> arcs,
        out IReadOnlyList<IReadOnlyList<Point>> rest
    )
    {
        var found = new List<SeenArc>(arcs);
        var others = new List<IReadOnlyList<Point>>();
        var bent = new List<(IReadOnlyList<Point> Points, SeenArc Free)>();
        foreach (IReadOnlyList<Point> stroke in strokes)
        {
            if (Bent(stroke) is SeenArc free)
            {
                bent.Add((stroke, free));
            }
            else if (ShortArc(stroke, aim) is SeenArc arc)
            {
                found.Add(arc);
            }
            else
            {
                others.Add(stroke);
            }
        }
        // About given points first: where those arcs cross the rays, the next needles stood.
        var points = new List<Point>(aim.Rays.Select(r => r.Vertex).Distinct());
        for (int round = 0; round < 2; round++)
        {
            for (int i = bent.Count - 1; i >= 0; i--)
            {
                if (Held(bent[i].Points, bent[i].Free, points) is SeenArc held)
                {
                    found.Add(held);
                    bent.RemoveAt(i);
                }
            }
            points.AddRange(OnRays(aim, found));
        }
        found.AddRange(bent.Select(b => b.Free));
        rest = others;
        return found;
    }

    private static SeenArc? Bent(IReadOnlyList<Point> stroke) =>
        stroke.Count >= LeastPoints
        && Bends(stroke)
        && Shake(stroke) is > LeastBend / 2 and double shake
        && SeenArc.Free(stroke) is SeenArc free
        && free.Off * Better < shake
        && IsOpening(free.Opening)
            ? free
            : null;

    // Whether a point lies so far beside the way from the first to the last that the stroke may be bent: most lines are told by this alone.
    private static bool Bends(IReadOnlyList<Point> stroke)
    {
        var straight = new StrokeLine(stroke[0], stroke[^1]);
        foreach (Point point in stroke)
        {
            if (straight.DistanceAcross(point) > LeastBend / 2)
            {
                return true;
            }
        }
        return false;
    }

    // How far the points lie beside a straight line, in mm.
    private static double Shake(IReadOnlyList<Point> stroke) =>
        LineFit.Of(LineFit.Ink(stroke)).Shake;

    // A short arc is hardly bent. It is one where it runs round a given point as well as along a line, across the way from there.
    private static SeenArc? ShortArc(IReadOnlyList<Point> stroke, ConstructionAim aim)
    {
        const double LeastSweep = 15;
        const double MostSweep = 70;
        const double AsFar = 0.1;
        const double AsWell = 1.05;
        if (stroke.Count < LeastPoints)
        {
            return null;
        }
        foreach (BaseRay ray in aim.Rays)
        {
            double one = ray.Vertex.DistanceTo(stroke[0]);
            double other = ray.Vertex.DistanceTo(stroke[^1]);
            if (
                Math.Abs(one - other) <= AsFar * Math.Max(one, other)
                && SeenArc.Of(stroke, ray.Vertex) is { Sweep: >= LeastSweep and <= MostSweep } arc
                && IsOpening(arc.Opening)
                && arc.Off <= AsWell * Shake(stroke) + HeldMore
            )
            {
                return arc;
            }
        }
        return null;
    }

    private static bool IsOpening(double opening) => opening is >= LeastOpening and <= MostOpening;

    private static SeenArc? Held(
        IReadOnlyList<Point> stroke,
        in SeenArc free,
        IReadOnlyList<Point> points
    )
    {
        SeenArc? best = null;
        foreach (Point point in points)
        {
            if (
                point.DistanceTo(free.Centre) <= FreeStrays * free.Opening
                && SeenArc.Of(stroke, point) is SeenArc held
                && held.Off <= HeldShare * free.Off + HeldMore
                && !(best?.Off <= held.Off)
            )
            {
                best = held;
            }
        }
        return best;
    }

    private static List<Point> OnRays(ConstructionAim aim, IReadOnlyList<SeenArc> arcs)
    {
        var points = new List<Point>();
        Span<Point> crossings = stackalloc Point[2];
        foreach (SeenArc arc in arcs)
        {
            foreach (BaseRay ray in aim.Rays)
            {
                int count = Curve.Line(ray.Vertex, ray.Direction).Crossings(arc.Curve, crossings);
                for (int c = 0; c < count; c++)
                {
                    if (arc.EndsBefore(crossings[c]) <= 2)
                    {
                        points.Add(crossings[c]);
                    }
                }
            }
        }
        return points;
    }
}
