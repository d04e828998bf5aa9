using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// What a construction shows, whatever its maker meant: its curves, where they cross, and which of these points lie near a needle or a
/// line. The given rays come first, then the lines, then the circles.
/// </summary>
internal sealed class SeenConstruction
{
    // All in mm; common practice, no source. A needle this near to a crossing was meant to stand on it.
    internal const double SamePoint = 2.2;

    // A needle this near to a line was meant to stand somewhere on it; a line this near to a point, to run through it.
    private const double OnLine = 2;
    private const double ThroughPoint = 1.5;

    // An arc that ends no farther before a point than this can be taken for reaching it.
    private const double PencilReaches = 4;

    // A line that is imagined to go on is so for no more than this, but for a ray, which may.
    private const double GoesOn = 10;

    // Arcs that miss each other by no more than an opening slips were meant to cross; not those about one point, nearer than this.
    private const double MostMissed = 5;
    private const double OtherCentre = 8;

    private readonly Curve[] _curves;
    private readonly List<SeenPoint> _points = [];
    private readonly IReadOnlyList<StrokeLine> _drawn;
    private readonly int _rays;

    internal SeenConstruction(
        ConstructionAim aim,
        IReadOnlyList<DrawnCircle> circles,
        IReadOnlyList<StrokeLine> lines
    )
    {
        (Aim, Circles) = (aim, circles);
        (_rays, _drawn) = (aim.Rays.Count, lines);
        _curves =
        [
            .. aim.Rays.Select(r => Curve.Line(r.Vertex, r.Direction)),
            .. lines.Select(l => Curve.Line(l.Near, l.Far)),
            .. circles.Select(c => c.Curve),
        ];
        foreach (BaseRay ray in aim.Rays)
        {
            if (!_points.Exists(p => p.At == ray.Vertex))
            {
                _points.Add(new SeenPoint(ray.Vertex));
            }
        }
        Given = _points.Count;
        // Rays that are given cross where they begin, if at all.
        for (int later = _rays; later < _curves.Length; later++)
        {
            for (int earlier = 0; earlier < later; earlier++)
            {
                Cross(earlier, later);
            }
        }
        NearNeedle = [.. circles.Select(c => Near(c.Centre))];
        LinesAtNeedle = [.. circles.Select(c => LinesAlong(c.Centre, c.Centre))];
        OnLines = [.. lines.Select((_, i) => PointsOn(_curves[_rays + i]))];
        LinesAlongLine = [.. lines.Select(l => LinesAlong(l.Near, l.Far))];
    }

    internal ConstructionAim Aim { get; }

    internal IReadOnlyList<DrawnCircle> Circles { get; }

    /// <summary>How many of the points were given; these come first.</summary>
    internal int Given { get; }

    /// <summary>How many of the curves are rays that were given.</summary>
    internal int Rays => _rays;

    /// <summary>How many of the curves are lines that were drawn, but for the one that comes out.</summary>
    internal int Lines => _drawn.Count;

    /// <summary>How many of the curves are not circles; the circles come after them.</summary>
    internal int Straight => _rays + _drawn.Count;

    internal IReadOnlyList<Curve> Curves => _curves;

    internal IReadOnlyList<SeenPoint> Points => _points;

    /// <summary>For each circle the points that a needle may have been meant for, the nearest first, and how far off they are, in mm.</summary>
    internal IReadOnlyList<IReadOnlyList<(int Point, double Off)>> NearNeedle { get; }

    /// <summary>Whether a needle stood on a point that was given.</summary>
    internal bool IsAboutGiven(int circle)
    {
        foreach ((int point, double off) in NearNeedle[circle])
        {
            if (point < Given && off < SamePoint)
            {
                return true;
            }
        }
        return false;
    }

    /// <summary>For each circle the rays and lines on which its needle stood.</summary>
    internal IReadOnlyList<IReadOnlyList<int>> LinesAtNeedle { get; }

    /// <summary>For each line the points through which it runs: first those that were given, then the nearest.</summary>
    internal IReadOnlyList<IReadOnlyList<int>> OnLines { get; }

    /// <summary>For each line the rays and lines that it only draws on.</summary>
    internal IReadOnlyList<IReadOnlyList<int>> LinesAlongLine { get; }

    private void Cross(int one, int other)
    {
        Span<Point> crossings = stackalloc Point[2];
        int count = _curves[one].Crossings(_curves[other], crossings);
        if (count == 0)
        {
            Miss(one, other);
        }
        for (int which = 0; which < count; which++)
        {
            Point at = crossings[which];
            double before = Math.Max(Before(one, at), Before(other, at));
            _points.Add(
                new SeenPoint(at, one, other, which, count)
                {
                    EndsBefore = before,
                    Sine = _curves[one].SineAt(_curves[other], at),
                    IsDrawn = before <= PencilReaches && IsOn(one, at) && IsOn(other, at),
                    IsOfCircles = one >= Straight,
                    IsOnLine = one < Straight && other >= Straight,
                }
            );
        }
    }

    // Where two circles only come near each other a perfect hand may have two crossings; there is none to be seen.
    private void Miss(int one, int other)
    {
        if (
            one < Straight
            || _curves[one].At.DistanceTo(_curves[other].At) < OtherCentre
            || _curves[one].NearestTo(_curves[other]) is not (Point at, <= MostMissed)
        )
        {
            return;
        }
        for (int which = 0; which < 2; which++)
        {
            _points.Add(
                new SeenPoint(at, one, other, which, 2)
                {
                    EndsBefore = Math.Max(Before(one, at), Before(other, at)),
                    Sine = 0,
                    IsDrawn = false,
                    IsOfCircles = true,
                }
            );
        }
    }

    // How far the pencil stopped before a point, in mm: where it did, there is no crossing to be seen.
    private double Before(int curve, Point at) =>
        curve < Straight ? 0 : Circles[curve - Straight].EndsBefore(at);

    // Whether a line or a ray runs there: not behind the point where a ray begins.
    private bool IsOn(int curve, Point at) =>
        curve >= Straight
        || (
            curve < _rays
                ? _curves[curve].Along(at) >= -OnLine
                : _drawn[curve - _rays].DistanceFrom(at) <= GoesOn
        );

    private List<(int Point, double Off)> Near(Point needle)
    {
        var near = new List<(int Point, double Off)>();
        for (int i = 0; i < _points.Count; i++)
        {
            double off = _points[i].At.DistanceTo(needle);
            if (off <= Relaxed.Farthest && _points[i].IsDrawn)
            {
                near.Add((i, off));
            }
        }
        near.Sort(static (a, b) => a.Off.CompareTo(b.Off));
        return near;
    }

    private int[] PointsOn(Curve line)
    {
        var on = new List<(int Point, double Off)>();
        for (int i = 0; i < _points.Count; i++)
        {
            double off = line.DistanceFrom(_points[i].At);
            if (off < ThroughPoint && _points[i].IsDrawn)
            {
                on.Add((i, i < Given ? 0 : off));
            }
        }
        on.Sort(static (a, b) => a.Off.CompareTo(b.Off));
        return [.. on.Select(o => o.Point)];
    }

    private List<int> LinesAlong(Point one, Point other)
    {
        var along = new List<int>();
        for (int i = 0; i < Straight; i++)
        {
            if (_curves[i].DistanceFrom(one) <= OnLine && _curves[i].DistanceFrom(other) <= OnLine)
            {
                along.Add(i);
            }
        }
        return along;
    }
}
