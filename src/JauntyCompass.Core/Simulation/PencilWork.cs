using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Marking.Mistakes;
using JauntyCompass.Core.Sheet;

namespace JauntyCompass.Core.Simulation;

/// <summary>
/// How a simulated student draws: in one go or in two, from the vertex or towards it, with a hand that trembles, along the
/// straightedge or without it.
/// </summary>
internal static class PencilWork
{
    private const int Points = 24;

    /// <summary>Draws a line, in as many strokes and from whichever end the moment brings.</summary>
    internal static IEnumerable<Stroke> Line(Attempt attempt, Point from, Point to)
    {
        if (attempt.IsPerfect)
        {
            return [Stroke(attempt, from, to)];
        }
        return attempt.Which(4) switch
        {
            0 => [Stroke(attempt, to, from)],
            1 => TwoStrokes(attempt, from, to),
            _ => [Stroke(attempt, from, to)],
        };
    }

    /// <summary>Makes a dot; a student who drags dots leaves a short stroke instead.</summary>
    internal static (IReadOnlyList<Stroke> Strokes, IReadOnlyList<Point> Dots) Dot(
        Attempt attempt,
        Point at
    )
    {
        if (!attempt.Shows<ThickDot>())
        {
            return ([], [attempt.Pencil(at)]);
        }
        var along = new Direction(attempt.Which(360));
        double half = attempt.Size(1.2, 1.9);
        return ([new Stroke([at.Towards(along, -half), at, at.Towards(along, half)])], []);
    }

    private static Stroke[] TwoStrokes(Attempt attempt, Point from, Point to)
    {
        Direction line = Direction.Between(from, to);
        double length = from.DistanceTo(to);
        double lifted = length * attempt.Size(0.35, 0.7);
        return
        [
            Stroke(attempt, from, from.Towards(line, lifted)),
            Stroke(attempt, from.Towards(line, lifted - attempt.Size(0, 5)), to),
        ];
    }

    private static Stroke Stroke(Attempt attempt, Point from, Point to)
    {
        Direction line = Direction.Between(from, to);
        double length = from.DistanceTo(to);
        bool freehand = attempt.Shows<FreehandLine>();
        // The farther the hand travels, the more it sways.
        double sway = freehand ? length * attempt.Size(0.025, 0.035) * attempt.Side() : 0;
        double waves = freehand ? attempt.Size(1.5, 2.5) : 0;
        return new Stroke([
            .. Enumerable
                .Range(0, Points + 1)
                .Select(i => (double)i / Points)
                .Select(share =>
                    attempt.Pencil(
                        from.Towards(line, length * share)
                            .Towards(line.Turned(90), sway * Math.Sin(waves * Math.PI * share))
                    )
                ),
        ]);
    }
}
