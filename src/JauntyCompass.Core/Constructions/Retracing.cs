using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>
/// Does a construction once more as a perfect hand would: needles stand exactly on the crossings beside which they stood, openings that
/// were meant to be the same are the same, lines run through the points by which they were laid. What then comes out is what the way of
/// constructing leads to, whatever the hand did. Order does not matter: what stands on nothing but known points comes first.
/// </summary>
internal sealed class Retracing
{
    // All in mm; common practice, no source. Two openings this near are one that was kept: an opening is recovered to a few tenths.
    internal const double SameOpening = 0.85;

    // One that was taken off two points, as near as a hand sets both points of the compass.
    internal const double SameDistance = 1.5;

    // Points nearer to each other give a line no direction.
    private const double LeastApart = 10;

    private readonly SeenConstruction _seen;
    private readonly Relaxed _relaxed;
    private readonly double _most;
    private readonly Curve?[] _ideal;
    private readonly CompassOpenings _openings;
    private readonly bool[] _onPoint;

    private Retracing(SeenConstruction seen, Relaxed relaxed, double most)
    {
        (_seen, _relaxed, _most) = (seen, relaxed, most);
        _ideal = new Curve?[seen.Curves.Count];
        _openings = new CompassOpenings(seen.Circles.Count);
        _onPoint = new bool[seen.Circles.Count];
        for (int ray = 0; ray < seen.Rays; ray++)
        {
            _ideal[ray] = seen.Curves[ray];
        }
    }

    /// <summary>What was taken for meant of the relaxed arc, in mm; null where nothing was.</summary>
    internal double? Strayed { get; private set; }

    /// <summary>The circle whose opening the relaxed one was meant to have; -1 where it is a distance or nothing.</summary>
    internal int MeantAs { get; private set; } = -1;

    /// <summary>Where the needle of the relaxed circle was meant to stand; null where that is not relaxed.</summary>
    internal Point? MeantAt { get; private set; }

    /// <summary>
    /// Whether it is plain where the needle of a circle was meant to stand, or what its opening was meant to be: that something else was
    /// meant is less likely then.
    /// </summary>
    internal bool IsPlain(int circle, bool isCentre) =>
        isCentre ? _onPoint[circle] : _openings.IsKept(circle);

    /// <summary>Retraces a construction as it stands.</summary>
    internal static Retracing AsItStands(SeenConstruction seen)
    {
        var retracing = new Retracing(seen, Relaxed.None, double.MaxValue);
        retracing.Run();
        return retracing;
    }

    /// <summary>Retraces with something taken for meant; null where nothing of the kind strays by less than so much, in mm.</summary>
    internal static Retracing? Of(SeenConstruction seen, Relaxed relaxed, double most)
    {
        if (relaxed.Rank >= MayBeMeant(seen, relaxed, most))
        {
            return null;
        }
        var retracing = new Retracing(seen, relaxed, most);
        return retracing.Run() ? retracing : null;
    }

    // How many things at most may have been meant, without retracing: most of what is tried falls here.
    private static int MayBeMeant(SeenConstruction seen, Relaxed relaxed, double most)
    {
        int count = 0;
        if (relaxed.IsCentre)
        {
            foreach ((_, double off) in seen.NearNeedle[relaxed.Arc])
            {
                count += off > SeenConstruction.SamePoint && off < most ? 1 : 0;
            }
            return count;
        }
        if (seen.Aim.Task == ConstructionTask.Copy)
        {
            return int.MaxValue;
        }
        double opening = seen.Circles[relaxed.Arc].Opening;
        foreach (DrawnCircle other in seen.Circles)
        {
            double off = Math.Abs(other.Opening - opening);
            count += off > SameOpening && off < most ? 1 : 0;
        }
        return count;
    }

    /// <summary>Where a point would be of a perfect hand; null where it is not known yet, or would not be at all.</summary>
    internal Point? IdealOf(int point)
    {
        SeenPoint seen = _seen.Points[point];
        if (seen.One < 0)
        {
            return seen.At;
        }
        if (_ideal[seen.One] is not Curve one || _ideal[seen.Other] is not Curve other)
        {
            return null;
        }
        Span<Point> crossings = stackalloc Point[2];
        return one.Crossings(other, crossings) == seen.Count ? crossings[seen.Which] : null;
    }

    private bool Run()
    {
        for (int left = _seen.Curves.Count - _seen.Rays; left > 0; left--)
        {
            if (!OneMore())
            {
                return false;
            }
        }
        return true;
    }

    // The surest comes first. Openings and distances are taken from circles about given points, so that these are known before others.
    private enum Sureness
    {
        OnGivenPoint,
        OnKnownPoint,
        OnKnownLine,
        Anywhere,
    }

    private bool OneMore()
    {
        for (Sureness sureness = Sureness.OnGivenPoint; sureness <= Sureness.Anywhere; sureness++)
        {
            for (int circle = 0; circle < _seen.Circles.Count; circle++)
            {
                if (
                    _ideal[_seen.Straight + circle] is null
                    && CentreOf(circle, sureness) is Point centre
                )
                {
                    return KnowCircle(circle, centre);
                }
            }
            for (int line = 0; line < _seen.Lines; line++)
            {
                int curve = _seen.Rays + line;
                if (_ideal[curve] is null && LineOf(line, sureness) is Curve ideal)
                {
                    _ideal[curve] = ideal;
                    return true;
                }
            }
        }
        return false;
    }

    private Point? CentreOf(int circle, Sureness sureness)
    {
        if (_relaxed.Arc == circle && _relaxed.IsCentre)
        {
            // Only when nothing surer is left, so that all points are there to choose from.
            return sureness < Sureness.Anywhere ? null : Chosen(circle);
        }
        return sureness switch
        {
            Sureness.OnGivenPoint => _seen.IsAboutGiven(circle) ? OnKnownPoint(circle) : null,
            Sureness.OnKnownPoint => OnKnownPoint(circle),
            Sureness.OnKnownLine => OnKnownLine(circle),
            _ => _seen.Circles[circle].Centre,
        };
    }

    private Point? OnKnownPoint(int circle)
    {
        foreach ((int point, double off) in _seen.NearNeedle[circle])
        {
            if (off >= SeenConstruction.SamePoint)
            {
                break;
            }
            if (IdealOf(point) is Point ideal)
            {
                _onPoint[circle] = true;
                return ideal;
            }
        }
        return null;
    }

    // Of the points beside which the needle stood, the one of the wanted rank; null where there is none within reach.
    private Point? Chosen(int circle)
    {
        int rank = 0;
        foreach ((int point, double off) in _seen.NearNeedle[circle])
        {
            if (off >= _most)
            {
                break;
            }
            if (
                off > SeenConstruction.SamePoint
                && IdealOf(point) is Point ideal
                && rank++ == _relaxed.Rank
            )
            {
                (Strayed, MeantAt) = (off, _seen.Points[point].At);
                return ideal;
            }
        }
        return null;
    }

    // As far along the line as it stood there.
    private Point? OnKnownLine(int circle)
    {
        foreach (int line in _seen.LinesAtNeedle[circle])
        {
            if (_ideal[line] is Curve ideal)
            {
                return ideal.PointAt(_seen.Curves[line].Along(_seen.Circles[circle].Centre));
            }
        }
        return null;
    }

    // Lines run the same way as they are seen to: their crossings come in the same order then.
    private Curve? LineOf(int line, Sureness sureness)
    {
        Curve seen = _seen.Curves[_seen.Rays + line];
        // A known line drawn on is that line.
        foreach (int known in _seen.LinesAlongLine[line])
        {
            if (_ideal[known] is Curve same)
            {
                return same.RunningAs(seen);
            }
        }
        int first = -1;
        Point one = default;
        foreach (int point in _seen.OnLines[line])
        {
            if (
                first >= 0
                && _seen.Points[first].At.DistanceTo(_seen.Points[point].At) < LeastApart
            )
            {
                continue;
            }
            if (IdealOf(point) is not Point ideal)
            {
                continue;
            }
            if (first >= 0)
            {
                return Curve.Line(one, ideal).RunningAs(seen);
            }
            (first, one) = (point, ideal);
        }
        return sureness switch
        {
            Sureness.OnKnownLine when first >= 0 => seen.MovedTo(one),
            Sureness.Anywhere => seen,
            _ => null,
        };
    }

    private bool KnowCircle(int circle, Point centre)
    {
        double seen = _seen.Circles[circle].Opening;
        if (OpeningOf(circle, centre) is not double opening)
        {
            return false;
        }
        _ideal[_seen.Straight + circle] = Curve.Circle(centre, opening);
        _openings.Add(new CompassOpening(seen, opening, SameOpening, circle));
        // Only a copy needs the distance between two of its points; elsewhere an opening that happens to be as long would pass for one.
        if (_seen.Aim.Task == ConstructionTask.Copy)
        {
            TakeDistances(_seen.Straight + circle);
        }
        return true;
    }

    // What a compass can be set to by two points of the construction: those in which arcs about one point cross the lines.
    private void TakeDistances(int circle)
    {
        Point centre = _seen.Curves[circle].At;
        for (int i = 0; i < _seen.Points.Count; i++)
        {
            SeenPoint one = _seen.Points[i];
            if (one.Other != circle || !one.IsOnLine || !one.IsDrawn || IdealOf(i) is not Point at)
            {
                continue;
            }
            for (int j = 0; j < _seen.Points.Count; j++)
            {
                SeenPoint other = _seen.Points[j];
                double apart = one.At.DistanceTo(other.At);
                if (
                    apart >= 2
                    && other.IsOnLine
                    && other.IsDrawn
                    && _seen.Curves[other.Other].At.DistanceTo(centre) <= SeenConstruction.SamePoint
                    && IdealOf(j) is Point there
                )
                {
                    _openings.Add(
                        new CompassOpening(apart, at.DistanceTo(there), SameDistance, -1)
                    );
                }
            }
        }
    }

    // What the opening of a circle was meant to be; null where it is the relaxed one and there is nothing within reach that it may have been.
    private double? OpeningOf(int circle, Point centre)
    {
        DrawnCircle drawn = _seen.Circles[circle];
        if (_relaxed.Arc == circle && !_relaxed.IsCentre)
        {
            if (
                _openings.Near(drawn.Opening, _relaxed.Rank) is not CompassOpening meant
                || Math.Abs(drawn.Opening - meant.Seen) >= _most
            )
            {
                return null;
            }
            (Strayed, MeantAs) = (drawn.Opening - meant.Seen, meant.Arc);
            return meant.Ideal;
        }
        (double ideal, double off) = _openings.Kept(
            circle,
            drawn.Opening,
            // Of a copy a distance is stepped off from a crossing; about a vertex an opening is kept.
            distanceFirst: _onPoint[circle] && !_seen.IsAboutGiven(circle)
        );
        // An arc that runs through a given point was opened to it.
        for (int given = 0; given < _seen.Given; given++)
        {
            Point point = _seen.Points[given].At;
            double beside = Math.Abs(drawn.Centre.DistanceTo(point) - drawn.Opening) / SameOpening;
            if (beside < off)
            {
                (ideal, off) = (centre.DistanceTo(point), beside);
            }
        }
        return ideal;
    }
}
