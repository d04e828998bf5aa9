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
    private readonly CompassHand _hand;
    private readonly int _sign;
    private readonly double _opening;

    private ConstructionWork(Attempt attempt, ConstructionAim aim)
    {
        (_attempt, _aim, _hand) = (attempt, aim, new CompassHand(attempt));
        _sign = aim.Opening.Sign();
        _opening = attempt.Size(30, 40);
        Ray = aim.Wanted;
    }

    /// <summary>The strokes.</summary>
    internal IReadOnlyList<Stroke> Strokes => _hand.Strokes;

    /// <summary>The arcs.</summary>
    internal IReadOnlyList<CompassStroke> Arcs => _hand.Arcs;

    /// <summary>Which way the ray runs that came out.</summary>
    private Direction Ray { get; set; }

    /// <summary>The angle that came out.</summary>
    internal Angle Own => _aim.AngleTo(Ray, 60, 60);

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
        SweptCircle across = Across(smaller);
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
            Point wrong = CompassHand.Nearer(across.Needle, across.Opening, one, arcs, other);
            _hand.Arc(one, arcs, wrong, 14);
            _hand.Arc(across.Needle, across.Opening, wrong, 14);
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
        SweptCircle across = Across(given);
        Point one = across.On(given.Start, given.Vertex);
        Point other = across.On(given.End, given.Vertex);
        double opening = Changed(_opening);
        Point wanted = _aim.Vertex.Towards(_aim.Wanted, opening);
        bool isShort = _attempt.Shows<ArcsTooShort>();
        SweptCircle same = _hand.Arc(
            _aim.Vertex,
            opening,
            _aim.Vertex.Towards(_aim.Start, opening),
            wanted,
            8,
            isShort ? -_attempt.Size(9, 14) : 8
        );
        Point crossing = OffCrossing(same.On(_aim.Start, _aim.Vertex), _aim.Start);
        double distance = _attempt.Pencil(one).DistanceTo(_attempt.Pencil(other));
        Point meeting = CompassHand.Nearer(same.Needle, opening, crossing, distance, wanted);
        if (!isShort)
        {
            // Whoever sees that it does not reach draws the arc on.
            _hand.Arc(same.Needle, opening, meeting, 10);
        }
        Point mirrored = CompassHand.Nearer(
            same.Needle,
            opening,
            crossing,
            distance,
            _aim.Vertex.Towards(_aim.Start.Turned(-_sign * _aim.Degrees), opening)
        );
        if (_attempt.Shows<WrongCrossing>())
        {
            _hand.Arc(same.Needle, opening, mirrored, 14);
            _hand.Arc(crossing, distance, mirrored, 14);
            _hand.Arc(crossing, distance, meeting, 14);
            Join(Direction.Between(_aim.Vertex, mirrored));
            return;
        }
        _hand.Arc(crossing, distance, meeting, 14);
        Join(Guessed(Direction.Between(_aim.Vertex, meeting), !isShort));
    }

    private void Build()
    {
        int degrees = (int)Math.Round(_aim.Degrees);
        SweptCircle around = _hand.Arc(
            _aim.Vertex,
            _opening,
            _aim.Vertex.Towards(_aim.Start, _opening),
            _aim.Vertex.Towards(Turned(StepsOf15.Reach(degrees)), _opening),
            8,
            8
        );
        Point towards = PointAt(around, degrees, last: true, out bool met);
        Join(Guessed(Direction.Between(_aim.Vertex, towards), met));
    }

    // A point of the construction some way round: by steps of the same opening, or by halving between two that are known.
    private Point PointAt(SweptCircle around, int degrees, bool last, out bool met)
    {
        met = true;
        return degrees == 0
                ? OffCrossing(around.On(_aim.Start, _aim.Vertex), _aim.Start, when: last)
            : degrees % 60 == 0 ? Stepped(around, degrees, last, ref met)
            : Halved(around, degrees, last, ref met);
    }

    private Point Stepped(SweptCircle around, int degrees, bool last, ref bool met)
    {
        Point before = PointAt(around, degrees - 60, last: false, out _);
        if (!last)
        {
            return StepFrom(around, before, _opening, degrees);
        }
        before = OffCrossing(before, Turned(degrees - 60));
        double opening = Changed(_opening);
        met = !_attempt.Shows<ArcsTooShort>();
        if (!_attempt.Shows<WrongCrossing>())
        {
            return StepFrom(around, before, opening, degrees, isShort: !met);
        }
        StepFrom(around, before, opening, degrees);
        // Joined to the other crossing of the same two arcs, or for want of it to the step before.
        return degrees > 60 ? before : StepFrom(around, before, opening, degrees - 120);
    }

    private Point StepFrom(
        SweptCircle around,
        Point needle,
        double opening,
        double degrees,
        bool isShort = false
    )
    {
        Point step = CompassHand.Nearer(
            around.Needle,
            around.Opening,
            needle,
            opening,
            _aim.Vertex.Towards(Turned(degrees), _opening)
        );
        if (isShort)
        {
            _hand.Arc(needle, opening, Beyond(needle, opening, step), 6);
            return step;
        }
        _hand.Arc(needle, opening, step, 14);
        // Whoever sees that the first arc does not reach draws it on.
        _hand.Arc(around.Needle, around.Opening, step, 8);
        return step;
    }

    private Point Halved(SweptCircle around, int degrees, bool last, ref bool met)
    {
        (int from, int to) = StepsOf15.HalvedBetween(degrees);
        Point one = PointAt(around, from, last: false, out _);
        Point other = PointAt(around, to, last: false, out _);
        double arcs = one.DistanceTo(other) / 2 + _attempt.Size(12, 20);
        Point far = _aim.Vertex.Towards(Turned(degrees), 300);
        if (!last)
        {
            Point halved = CompassHand.Nearer(one, arcs, other, arcs, far);
            _hand.Arc(one, arcs, halved, 14);
            _hand.Arc(other, arcs, halved, 14);
            // Where the line through both crosses the arc, the next needle stands.
            _hand.Line(_aim.Vertex, halved);
            return around.On(Direction.Between(_aim.Vertex, halved), _aim.Vertex);
        }
        (Point meeting, met) = Meet(one, other, arcs, far);
        if (!_attempt.Shows<WrongCrossing>())
        {
            return meeting;
        }
        Point wrong = CompassHand.Nearer(around.Needle, around.Opening, one, arcs, other);
        _hand.Arc(one, arcs, wrong, 14);
        _hand.Arc(around.Needle, around.Opening, wrong, 14);
        return wrong;
    }

    private Direction Turned(double degrees) => _aim.Start.Turned(_sign * degrees);

    // Two arcs of one opening from two points, that should meet.
    private (Point Meeting, bool Met) Meet(Point one, Point other, double arcs, Point towards)
    {
        double second = Changed(arcs);
        Point needle = OffCrossing(other, Direction.Between(_aim.Vertex, other));
        Point meeting = CompassHand.Nearer(one, arcs, needle, second, towards);
        bool isShort = _attempt.Shows<ArcsTooShort>();
        _hand.Arc(one, arcs, isShort ? Beyond(one, arcs, meeting) : meeting, isShort ? 6 : 14);
        _hand.Arc(
            needle,
            second,
            isShort ? Beyond(needle, second, meeting) : meeting,
            isShort ? 6 : 14
        );
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

    // Arms that end before the arc are drawn on.
    private void DrawOn(Arm arm)
    {
        if (arm.Length < _opening + 6)
        {
            _hand.Line(arm.Tip, arm.From.Towards(arm.Direction, _opening + 16));
        }
    }

    private void Join(Direction towards, Point? through = null)
    {
        Ray = towards;
        Point from =
            through is Point far
            && towards.ShorterTurnTo(Direction.Between(_aim.Vertex, far)) is > 90 or < -90
                ? through.Value
                : _aim.Vertex;
        _hand.Line(from, _aim.Vertex.Towards(towards, _attempt.Size(64, 80)));
    }

    private SweptCircle Across(Angle angle) =>
        _hand.Arc(
            angle.Vertex,
            _opening,
            angle.Vertex.Towards(angle.Start, _opening),
            angle.Vertex.Towards(angle.End, _opening),
            8,
            8
        );
}
