using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Simulation;

/// <summary>How a simulated student constructs with compass and straightedge: arc by arc, each from where the needle really stands.</summary>
internal sealed class ConstructionWork
{
    // How far an eye strays that draws a ray without arcs, and a hand with a protractor, in degrees. Common practice, no source.
    private const double EyeSpread = 5;
    private const double ProtractorSpread = 0.8;

    private readonly Attempt _attempt;
    private readonly ConstructionAim _aim;
    private readonly List<Stroke> _strokes = [];
    private readonly List<CompassStroke> _arcs = [];
    private readonly int _sign;
    private readonly double _opening;

    private ConstructionWork(Attempt attempt, ConstructionAim aim)
    {
        (_attempt, _aim) = (attempt, aim);
        _sign = aim.Opening.Sign();
        _opening = attempt.Size(30, 40);
        Ray = aim.Wanted;
    }

    /// <summary>The strokes.</summary>
    internal IReadOnlyList<Stroke> Strokes => _strokes;

    /// <summary>The arcs.</summary>
    internal IReadOnlyList<CompassStroke> Arcs => _arcs;

    /// <summary>Which way the ray runs that came out.</summary>
    private Direction Ray { get; set; }

    /// <summary>The angle that came out.</summary>
    internal Angle Own =>
        new(
            _aim.Vertex,
            _aim.Start,
            new Measure(Math.Clamp(_aim.TurnTo(Ray), 0, 360)),
            _aim.Opening,
            60,
            60
        );

    /// <summary>Constructs.</summary>
    internal static ConstructionWork Of(Attempt attempt, ConstructionAim aim)
    {
        var work = new ConstructionWork(attempt, aim);
        if (attempt.Shows<NoArcs>())
        {
            work.Join(
                aim.Wanted.Turned(attempt.Eye(attempt.Which(2) == 0 ? EyeSpread : ProtractorSpread))
            );
            return work;
        }
        switch (aim.Task)
        {
            case ConstructionTask.Bisect:
                work.Bisect(aim.Given!);
                break;
            case ConstructionTask.Copy:
                work.Copy(aim.Given!);
                break;
            default:
                work.Build();
                break;
        }
        return work;
    }

    private void Bisect(Angle given)
    {
        Angle smaller = given.Smaller;
        DrawOn(smaller.StartArm);
        DrawOn(smaller.EndArm);
        Sweep across = Across(smaller.Vertex, smaller, _opening);
        Point one = across.On(smaller.Start, smaller.Vertex);
        Point other = across.On(smaller.End, smaller.Vertex);
        double half = one.DistanceTo(other) / 2;
        double arcs = half + _attempt.Size(10, 18);
        (Point meeting, bool met) = Meet(
            one,
            other,
            arcs,
            smaller.Vertex.Towards(smaller.Bisector, 300)
        );
        if (_attempt.Shows<WrongCrossing>())
        {
            // The arc from the one crossing is drawn on until it meets the first arc.
            Point wrong = Nearer(across.Needle, across.Opening, one, arcs, other);
            Arc(one, arcs, wrong, 14);
            Arc(across.Needle, across.Opening, wrong, 14);
            Join(Direction.Between(_aim.Vertex, wrong));
            return;
        }
        Direction towards = Guessed(Direction.Between(smaller.Vertex, meeting), met);
        // Halving a reflex angle, the line runs on through the vertex.
        Join(given.Measure.Degrees > 180 ? towards.Opposite : towards, meeting);
    }

    private void Copy(Angle given)
    {
        DrawOn(given.StartArm);
        DrawOn(given.EndArm);
        Sweep across = Across(given.Vertex, given, _opening);
        Point one = across.On(given.Start, given.Vertex);
        Point other = across.On(given.End, given.Vertex);
        double opening = Changed(_opening);
        Point wanted = _aim.Vertex.Towards(_aim.Wanted, opening);
        bool isShort = _attempt.Shows<ArcsTooShort>();
        Sweep same = Arc(
            Needle(_aim.Vertex),
            opening,
            _aim.Vertex.Towards(_aim.Start, opening),
            wanted,
            8,
            isShort ? -_attempt.Size(9, 14) : 8
        );
        Point crossing = OffCrossing(same.On(_aim.Start, _aim.Vertex), _aim.Start);
        double distance = _attempt.Pencil(one).DistanceTo(_attempt.Pencil(other));
        Point meeting = Nearer(same.Needle, opening, crossing, distance, wanted);
        if (!isShort)
        {
            // Whoever sees that it does not reach draws the arc on.
            Arc(same.Needle, opening, meeting, 10);
        }
        Point mirrored = Nearer(
            same.Needle,
            opening,
            crossing,
            distance,
            _aim.Vertex.Towards(_aim.Start.Turned(-_sign * _aim.Degrees), opening)
        );
        if (_attempt.Shows<WrongCrossing>())
        {
            Arc(same.Needle, opening, mirrored, 14);
            Arc(crossing, distance, mirrored, 14);
            Arc(crossing, distance, meeting, 14);
            Join(Direction.Between(_aim.Vertex, mirrored));
            return;
        }
        Arc(crossing, distance, meeting, 14);
        Join(Guessed(Direction.Between(_aim.Vertex, meeting), !isShort));
    }

    private void Build()
    {
        int degrees = (int)Math.Round(_aim.Degrees);
        // As far round as needles will have to stand.
        double reach = degrees switch
        {
            15 or 30 or 60 => 60,
            <= 120 => 120,
            _ => 172,
        };
        Sweep around = Arc(
            Needle(_aim.Vertex),
            _opening,
            _aim.Vertex.Towards(_aim.Start, _opening),
            _aim.Vertex.Towards(Turned(reach), _opening),
            8,
            8
        );
        Point towards = PointAt(around, degrees, last: true, out bool met);
        Join(Guessed(Direction.Between(_aim.Vertex, towards), met));
    }

    // A point of the construction some way round: by steps of the same opening, or by halving between two that are known.
    private Point PointAt(Sweep around, int degrees, bool last, out bool met)
    {
        met = true;
        if (degrees == 0)
        {
            return OffCrossing(around.On(_aim.Start, _aim.Vertex), _aim.Start, when: last);
        }
        if (degrees % 60 == 0)
        {
            Point before = PointAt(around, degrees - 60, last: false, out _);
            before = last ? OffCrossing(before, Turned(degrees - 60)) : before;
            double opening = last ? Changed(_opening) : _opening;
            Point step = Nearer(
                around.Needle,
                around.Opening,
                before,
                opening,
                _aim.Vertex.Towards(Turned(degrees), _opening)
            );
            bool isShort = last && _attempt.Shows<ArcsTooShort>();
            bool isWrong = last && _attempt.Shows<WrongCrossing>();
            Arc(before, opening, isShort ? Beyond(before, opening, step) : step, isShort ? 6 : 14);
            met = !isShort;
            if (met)
            {
                // Whoever sees that the first arc does not reach draws it on.
                Arc(around.Needle, around.Opening, step, 8);
            }
            if (!isWrong)
            {
                return step;
            }
            // The other crossing of the same two arcs, or for want of it the step before.
            Point wrong =
                degrees > 60
                    ? before
                    : Nearer(
                        around.Needle,
                        around.Opening,
                        before,
                        opening,
                        _aim.Vertex.Towards(Turned(degrees - 120), _opening)
                    );
            if (degrees > 60)
            {
                return wrong;
            }
            Arc(before, opening, wrong, 14);
            Arc(around.Needle, around.Opening, wrong, 14);
            return wrong;
        }
        (int from, int to) = degrees switch
        {
            < 30 => (0, 30),
            30 => (0, 60),
            45 => (0, 90),
            75 => (60, 90),
            90 => (60, 120),
            105 => (90, 120),
            150 => (120, 180),
            _ => (120, 150),
        };
        Point one = PointAt(around, from, last: false, out _);
        Point other = PointAt(around, to, last: false, out _);
        double arcs = one.DistanceTo(other) / 2 + _attempt.Size(12, 20);
        if (last)
        {
            (Point meeting, met) = Meet(
                one,
                other,
                arcs,
                _aim.Vertex.Towards(Turned(degrees), 300)
            );
            if (!_attempt.Shows<WrongCrossing>())
            {
                return meeting;
            }
            Point wrong = Nearer(around.Needle, around.Opening, one, arcs, other);
            Arc(one, arcs, wrong, 14);
            Arc(around.Needle, around.Opening, wrong, 14);
            return wrong;
        }
        Point halved = Nearer(
            Arc(
                one,
                arcs,
                Nearer(one, arcs, other, arcs, _aim.Vertex.Towards(Turned(degrees), 300)),
                14
            ).Needle,
            arcs,
            other,
            arcs,
            _aim.Vertex.Towards(Turned(degrees), 300)
        );
        Arc(other, arcs, halved, 14);
        // Where the line through both crosses the arc, the next needle stands.
        Line(_aim.Vertex, halved);
        return around.On(Direction.Between(_aim.Vertex, halved), _aim.Vertex);
    }

    private Direction Turned(double degrees) => _aim.Start.Turned(_sign * degrees);

    // Two arcs of one opening from two points, that should meet.
    private (Point Meeting, bool Met) Meet(Point one, Point other, double arcs, Point towards)
    {
        double second = Changed(arcs);
        Point needle = OffCrossing(other, Direction.Between(_aim.Vertex, other));
        Point meeting = Nearer(one, arcs, needle, second, towards);
        bool isShort = _attempt.Shows<ArcsTooShort>();
        Arc(one, arcs, isShort ? Beyond(one, arcs, meeting) : meeting, isShort ? 6 : 14);
        Arc(needle, second, isShort ? Beyond(needle, second, meeting) : meeting, isShort ? 6 : 14);
        return (meeting, !isShort);
    }

    // A point of an arc well before the crossing.
    private Point Beyond(Point needle, double opening, Point crossing)
    {
        double before = _attempt.Size(8, 12) / opening * (180 / Math.PI) + 6;
        Direction to = Direction.Between(needle, crossing);
        int side = Math.Sign(to.ShorterTurnTo(Direction.Between(needle, _aim.Vertex)));
        return needle.Towards(to.Turned(side * before), opening);
    }

    private double Changed(double opening) =>
        _attempt.CompassSlips ? opening + _attempt.Side() * _attempt.Size(1.8, 3.6)
        : _attempt.Shows<UnlikeOpenings>() ? opening + _attempt.Size(6.5, 10)
        : opening;

    private Point OffCrossing(Point crossing, Direction along, bool when = true) =>
        when && _attempt.Shows<NeedleOff>()
            ? crossing.Towards(along, _attempt.Side() * _attempt.Size(4, 8))
            : crossing;

    private Direction Guessed(Direction towards, bool met) =>
        met ? towards : towards.Turned(_attempt.Side() * _attempt.Size(2.5, 6));

    private Point Needle(Point meant) => _attempt.Needle(meant);

    // Arms that end before the arc are drawn on.
    private void DrawOn(Arm arm)
    {
        if (arm.Length < _opening + 6)
        {
            Line(arm.Tip, arm.From.Towards(arm.Direction, _opening + 16));
        }
    }

    private void Line(Point from, Point to) =>
        _strokes.AddRange(PencilWork.Line(_attempt, from, to));

    private void Join(Direction towards, Point? through = null)
    {
        Ray = towards;
        Point from =
            through is Point far
            && towards.ShorterTurnTo(Direction.Between(_aim.Vertex, far)) is > 90 or < -90
                ? through.Value
                : _aim.Vertex;
        Line(from, _aim.Vertex.Towards(towards, _attempt.Size(64, 80)));
    }

    private Sweep Across(Point vertex, Angle angle, double opening) =>
        Arc(
            Needle(vertex),
            opening,
            vertex.Towards(angle.Start, opening),
            vertex.Towards(angle.End, opening),
            8,
            8
        );

    // A short arc on either side of a point.
    private Sweep Arc(Point meant, double opening, Point at, double beyond) =>
        Arc(Needle(meant), opening, at, at, beyond, beyond);

    // From before one point to beyond another, as seen from the needle, and back again never.
    private Sweep Arc(
        Point needle,
        double opening,
        Point from,
        Point to,
        double before,
        double beyond
    )
    {
        const double Every = 2.5;
        var start = Direction.Between(needle, from);
        double turn = start.ShorterTurnTo(Direction.Between(needle, to));
        int sense = turn < 0 ? -1 : 1;
        double first = -sense * before;
        double last = turn + sense * beyond;
        int steps = Math.Max(6, (int)(Math.Abs(last - first) / Every));
        _arcs.Add(
            new CompassStroke(
                [
                    .. Enumerable
                        .Range(0, steps + 1)
                        .Select(i => first + (last - first) * i / steps)
                        .Select(t => _attempt.Pencil(needle.Towards(start.Turned(t), opening))),
                ],
                needle.Rounded()
            )
        );
        return new Sweep(needle, opening);
    }

    // Of the two points in which circles cross, the one nearer to where it is looked for; where they do not, a point between.
    private static Point Nearer(
        Point one,
        double opening,
        Point other,
        double second,
        Point towards
    )
    {
        Span<Point> crossings = stackalloc Point[2];
        int count = Curve.Circle(one, opening).Crossings(Curve.Circle(other, second), crossings);
        if (count == 0)
        {
            return one.Towards(Direction.Between(one, other), opening);
        }
        return crossings[0].DistanceTo(towards) <= crossings[1].DistanceTo(towards)
            ? crossings[0]
            : crossings[1];
    }

    private readonly record struct Sweep(Point Needle, double Opening)
    {
        // Where the arc crosses a ray from a point.
        internal Point On(Direction ray, Point from)
        {
            Span<Point> crossings = stackalloc Point[2];
            int count = Curve.Line(from, ray).Crossings(Curve.Circle(Needle, Opening), crossings);
            return count == 0 ? from.Towards(ray, Opening) : crossings[0];
        }
    }
}
