using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Simulation;

/// <summary>A simulated student's hand with compass and straightedge: what it draws, from where the needle really comes to stand.</summary>
/// <param name="attempt">What the hand does this time.</param>
internal sealed class CompassHand(Attempt attempt)
{
    private readonly List<Stroke> _strokes = [];
    private readonly List<CompassStroke> _arcs = [];

    /// <summary>The strokes.</summary>
    internal IReadOnlyList<Stroke> Strokes => _strokes;

    /// <summary>The arcs.</summary>
    internal IReadOnlyList<CompassStroke> Arcs => _arcs;

    /// <summary>Draws a line along the straightedge.</summary>
    internal void Line(Point from, Point to) =>
        _strokes.AddRange(PencilWork.Line(attempt, from, to));

    /// <summary>Draws a short arc on either side of a point, about where the needle comes to stand.</summary>
    /// <param name="meant">Where the needle is meant to stand.</param>
    /// <param name="opening">In mm.</param>
    /// <param name="at">The point.</param>
    /// <param name="beyond">How far the arc runs on either side of it, in degrees.</param>
    internal SweptCircle Arc(Point meant, double opening, Point at, double beyond) =>
        Arc(meant, opening, at, at, beyond, beyond);

    /// <summary>Draws an arc from before one point to beyond another, as seen from the needle.</summary>
    internal SweptCircle Arc(
        Point meant,
        double opening,
        Point from,
        Point to,
        double before,
        double beyond
    )
    {
        const double Every = 2.5;
        Point needle = attempt.Needle(meant);
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
                        .Select(t => attempt.Pencil(needle.Towards(start.Turned(t), opening))),
                ],
                needle.Rounded()
            )
        );
        return new SweptCircle(needle, opening);
    }

    /// <summary>Where two circles cross, nearer to where it is looked for; where they do not, they are taken to meet where they come nearest.</summary>
    internal static Point Nearer(
        Point one,
        double opening,
        Point other,
        double second,
        Point towards
    ) =>
        Curve.Circle(one, opening).CrossingNear(Curve.Circle(other, second), towards)
        ?? Curve.Circle(one, opening).NearestTo(Curve.Circle(other, second)).At;
}

/// <summary>A circle of which an arc was drawn.</summary>
/// <param name="Needle">Where the needle stood.</param>
/// <param name="Opening">In mm.</param>
internal readonly record struct SweptCircle(Point Needle, double Opening)
{
    /// <summary>Where it crosses a ray from a point.</summary>
    internal Point On(Direction ray, Point from) =>
        Curve
            .Line(from, ray)
            .CrossingNear(Curve.Circle(Needle, Opening), from.Towards(ray, Opening))
        ?? from.Towards(ray, Opening);
}
