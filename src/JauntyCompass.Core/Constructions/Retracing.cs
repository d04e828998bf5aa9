using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// Does a construction once more as a perfect hand would: needles stand exactly on the crossings beside which they stood, openings that
/// were meant to be the same are the same, lines run through the points by which they were laid. What then comes out is what the way of
/// constructing leads to, whatever the hand did. Order does not matter: what stands on nothing but known points comes first.
/// </summary>
internal sealed class Retracing
{
    // All in mm; common practice, no source. A needle this near to a crossing was meant to stand on it.
    internal const double SamePoint = 2.2;

    // Two openings this near are one that was kept: an opening is recovered to a few tenths.
    internal const double SameOpening = 0.85;

    // One that was taken off two points, as near as a hand sets both points of the compass.
    internal const double SameDistance = 1.5;

    // A needle this near to a line was meant to stand somewhere on it; a line this near to a point, to run through it.
    private const double OnLine = 2;
    private const double ThroughPoint = 1.5;

    // An arc that ends no farther before a point than this can be taken for reaching it.
    private const double PencilReaches = 4;

    // Points nearer to each other give a line no direction.
    private const double LeastApart = 10;

    private readonly IReadOnlyList<DrawnCircle> _arcs;
    private readonly IReadOnlyList<StrokeLine> _lines;
    private readonly Relaxed _relaxed;
    private readonly List<Element> _known = [];
    private readonly List<KnownPoint> _points = [];
    private readonly CompassOpenings _openings;
    private readonly bool[] _onPoint;
    private readonly int[] _lookedAt;

    // Only a copy needs the distance between two of its points; elsewhere an opening that happens to be as long would pass for one.
    private bool _takesDistances;

    private Retracing(
        IReadOnlyList<DrawnCircle> arcs,
        IReadOnlyList<StrokeLine> lines,
        Relaxed relaxed
    ) =>
        (_arcs, _lines, _relaxed, _openings, _onPoint, _lookedAt) = (
            arcs,
            lines,
            relaxed,
            new CompassOpenings(arcs.Count),
            new bool[arcs.Count],
            new int[arcs.Count]
        );

    /// <summary>The points that the construction has, its crossings among them.</summary>
    internal IReadOnlyList<KnownPoint> Points => _points;

    /// <summary>What was taken for meant of the relaxed arc, in mm; null where nothing was.</summary>
    internal double? Strayed { get; private set; }

    /// <summary>The arc whose opening the relaxed arc was meant to have; -1 where it is a distance or nothing.</summary>
    internal int MeantAs { get; private set; } = -1;

    /// <summary>
    /// Whether it is plain where the needle of an arc was meant to stand, or what its opening was meant to be: that something else was
    /// meant is less likely then.
    /// </summary>
    internal bool IsPlain(int arc, bool isCentre) =>
        isCentre ? _onPoint[arc] : _openings.IsKept(arc);

    /// <summary>Where the needle of the relaxed arc was meant to stand; null where that is not relaxed.</summary>
    internal Point? MeantAt { get; private set; }

    /// <summary>Retraces.</summary>
    /// <param name="aim">What the construction begins with.</param>
    /// <param name="arcs">The arcs.</param>
    /// <param name="lines">The lines but the one that comes out.</param>
    /// <param name="relaxed">What is to be taken for meant though it lies farther off.</param>
    internal static Retracing Of(
        ConstructionAim aim,
        IReadOnlyList<DrawnCircle> arcs,
        IReadOnlyList<StrokeLine> lines,
        Relaxed relaxed
    )
    {
        var retracing = new Retracing(arcs, lines, relaxed)
        {
            _takesDistances = aim.Task == ConstructionTask.Copy,
        };
        foreach (BaseRay ray in aim.Rays)
        {
            if (!retracing._points.Exists(p => p.Seen == ray.Vertex))
            {
                retracing._points.Add(new KnownPoint(ray.Vertex, ray.Vertex, -1, -1));
            }
            var line = Curve.Line(ray.Vertex, ray.Direction);
            retracing.Know(new Element(line, line, -1) { IsGiven = true });
        }
        retracing.Run();
        return retracing;
    }

    private void Run()
    {
        Span<bool> arcs = stackalloc bool[_arcs.Count];
        Span<bool> lines = stackalloc bool[_lines.Count];
        arcs.Clear();
        lines.Clear();
        for (int left = arcs.Length + lines.Length; left > 0; left--)
        {
            if (!OneMore(arcs, lines))
            {
                return;
            }
        }
    }

    // The surest of what is left: what stands on known points, then on known lines, then anywhere.
    private bool OneMore(Span<bool> arcs, Span<bool> lines)
    {
        for (int sureness = 0; sureness < 3; sureness++)
        {
            for (int arc = 0; arc < arcs.Length; arc++)
            {
                if (!arcs[arc] && CentreOf(arc, sureness) is Point centre)
                {
                    arcs[arc] = true;
                    KnowArc(arc, centre);
                    return true;
                }
            }
            for (int line = 0; line < lines.Length; line++)
            {
                if (!lines[line] && IdealOf(_lines[line], sureness) is Curve ideal)
                {
                    lines[line] = true;
                    Know(new Element(CurveOf(_lines[line]), ideal, -1));
                    return true;
                }
            }
        }
        return false;
    }

    private Point? CentreOf(int arc, int sureness)
    {
        Point seen = _arcs[arc].Centre;
        if (_relaxed.Arc == arc && _relaxed.IsCentre)
        {
            // Only when nothing surer is left, so that all points are there to choose from.
            return sureness < 2 ? null : Chosen(seen);
        }
        return sureness switch
        {
            0 => OnKnownPoint(arc, seen),
            1 => OnKnownLine(seen),
            _ => seen,
        };
    }

    private Point? OnKnownPoint(int arc, Point seen)
    {
        KnownPoint? nearest = null;
        double least = SamePoint;
        // Of the points that were there at the last look none was near.
        for (int i = _lookedAt[arc]; i < _points.Count; i++)
        {
            KnownPoint point = _points[i];
            double apart = point.Seen.DistanceTo(seen);
            if (apart < least && point.IsDrawn)
            {
                (nearest, least) = (point, apart);
            }
        }
        _lookedAt[arc] = _points.Count;
        _onPoint[arc] = nearest is not null;
        return nearest?.Ideal;
    }

    private Point? Chosen(Point seen)
    {
        KnownPoint[] near =
        [
            .. _points
                .Where(p =>
                    p.IsDrawn && p.Seen.DistanceTo(seen) is > SamePoint and <= Relaxed.Farthest
                )
                .OrderBy(p => p.Seen.DistanceTo(seen)),
        ];
        if (_relaxed.Rank >= near.Length)
        {
            return seen;
        }
        KnownPoint meant = near[_relaxed.Rank];
        (Strayed, MeantAt) = (meant.Seen.DistanceTo(seen), meant.Seen);
        return meant.Ideal;
    }

    // As far along the line as it stood there.
    private Point? OnKnownLine(Point seen)
    {
        foreach (Element known in _known)
        {
            if (!known.Seen.IsCircle && known.Seen.DistanceFrom(seen) <= OnLine)
            {
                (double sin, double cos) = known.Seen.Direction.SinCos();
                double along = (seen.X - known.Seen.At.X) * cos + (seen.Y - known.Seen.At.Y) * sin;
                return known.Ideal.At.Towards(known.Ideal.Direction, along);
            }
        }
        return null;
    }

    private static Curve CurveOf(in StrokeLine line) => Curve.Line(line.Near, line.Direction);

    private Curve? IdealOf(in StrokeLine drawn, int sureness)
    {
        Curve line = CurveOf(drawn);
        // A known line drawn on is that line.
        foreach (Element known in _known)
        {
            if (
                !known.Seen.IsCircle
                && known.Seen.DistanceFrom(drawn.Near) <= OnLine
                && known.Seen.DistanceFrom(drawn.Far) <= OnLine
            )
            {
                return Along(
                    line,
                    known.Ideal.At,
                    known.Ideal.At.Towards(known.Ideal.Direction, 1)
                );
            }
        }
        KnownPoint? first = NearestTo(line, awayFrom: null);
        KnownPoint? second = first is KnownPoint from ? NearestTo(line, from) : null;
        return (first, second) switch
        {
            (KnownPoint one, KnownPoint other) => Along(line, one.Ideal, other.Ideal),
            (KnownPoint one, null) when sureness == 1 => Curve.Line(one.Ideal, line.Direction),
            _ => sureness == 2 ? line : null,
        };
    }

    // The line through two points, running the same way as it is seen to: its crossings come in the same order then.
    private static Curve Along(Curve seen, Point one, Point other)
    {
        var direction = Direction.Between(one, other);
        return Curve.Line(
            one,
            Math.Abs(seen.Direction.ShorterTurnTo(direction)) > 90 ? direction.Opposite : direction
        );
    }

    // Of the points through which a line runs, one that was given, else the one it runs nearest to.
    private KnownPoint? NearestTo(Curve line, KnownPoint? awayFrom)
    {
        KnownPoint? nearest = null;
        double least = ThroughPoint;
        foreach (KnownPoint point in _points)
        {
            double off = point.One < 0 ? 0 : line.DistanceFrom(point.Seen);
            if (
                off < least
                && point.IsDrawn
                && line.DistanceFrom(point.Seen) <= ThroughPoint
                && !(awayFrom?.Seen.DistanceTo(point.Seen) < LeastApart)
            )
            {
                (nearest, least) = (point, off);
            }
        }
        return nearest;
    }

    private void KnowArc(int arc, Point centre)
    {
        DrawnCircle seen = _arcs[arc];
        double opening = OpeningOf(arc, centre);
        Know(new Element(seen.Curve, Curve.Circle(centre, opening), arc));
        _openings.Add(new CompassOpening(seen.Opening, opening, SameOpening, arc));
        if (_takesDistances)
        {
            TakeDistances();
        }
    }

    // What a compass can be set to by two points of the construction: those in which arcs about one point cross the lines.
    private void TakeDistances()
    {
        int arc = _known.Count - 1;
        foreach (KnownPoint one in _points)
        {
            if (!IsOnArm(one) || one.Other != arc)
            {
                continue;
            }
            foreach (KnownPoint other in _points)
            {
                double apart = one.Seen.DistanceTo(other.Seen);
                if (
                    apart >= 2
                    && IsOnArm(other)
                    && _known[other.Other].Seen.At.DistanceTo(_known[arc].Seen.At) <= SamePoint
                )
                {
                    _openings.Add(
                        new CompassOpening(
                            apart,
                            one.Ideal.DistanceTo(other.Ideal),
                            SameDistance,
                            -1
                        )
                    );
                }
            }
        }
    }

    // Where an arc was drawn across a line.
    private bool IsOnArm(in KnownPoint point) =>
        point.One >= 0
        && point.IsDrawn
        && !_known[point.One].Seen.IsCircle
        && ArcOf(point.Other) >= 0;

    private double OpeningOf(int arc, Point centre)
    {
        double seen = _arcs[arc].Opening;
        if (_relaxed.Arc == arc && !_relaxed.IsCentre)
        {
            if (_openings.Near(seen, _relaxed.Rank) is not CompassOpening meant)
            {
                return seen;
            }
            (Strayed, MeantAs) = (seen - meant.Seen, meant.Arc);
            return meant.Ideal;
        }
        (double ideal, double off) = _openings.Kept(arc, seen);
        // An arc that runs through a given point was opened to it.
        foreach (KnownPoint point in _points)
        {
            double beside = Math.Abs(_arcs[arc].Centre.DistanceTo(point.Seen) - seen) / SameOpening;
            if (point.One < 0 && beside < off)
            {
                (ideal, off) = (centre.DistanceTo(point.Ideal), beside);
            }
        }
        return ideal;
    }

    private void Know(Element element)
    {
        Span<Point> seen = stackalloc Point[2];
        Span<Point> ideal = stackalloc Point[2];
        for (int i = 0; i < _known.Count; i++)
        {
            Element known = _known[i];
            // Rays that are given cross where they begin, if at all.
            if (known.IsGiven && element.IsGiven)
            {
                continue;
            }
            int count = known.Seen.Crossings(element.Seen, seen);
            if (count == 0 || count != known.Ideal.Crossings(element.Ideal, ideal))
            {
                continue;
            }
            for (int c = 0; c < count; c++)
            {
                _points.Add(
                    new KnownPoint(seen[c], ideal[c], i, _known.Count)
                    {
                        IsDrawn = Reaches(known, seen[c]) && Reaches(element, seen[c]),
                    }
                );
            }
        }
        _known.Add(element);
    }

    // Whether the pencil came that far: where it did not, there is no crossing to be seen.
    private bool Reaches(in Element element, Point point) =>
        element.Arc < 0 || _arcs[element.Arc].EndsBefore(point) <= PencilReaches;

    /// <summary>The arc that is an element, or -1.</summary>
    internal int ArcOf(int element) => element < 0 ? -1 : _known[element].Arc;

    private readonly record struct Element(Curve Seen, Curve Ideal, int Arc)
    {
        internal bool IsGiven { get; init; }
    }
}
