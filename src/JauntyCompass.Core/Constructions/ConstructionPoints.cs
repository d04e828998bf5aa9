using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Constructions;

/// <summary>A point of a construction that can be seen, with what it is.</summary>
/// <param name="At">Where it is.</param>
/// <param name="Name">What it is, such as <c>where arc 2 crosses KL</c>.</param>
public sealed record ConstructionPoint(Point At, Message Name);

/// <summary>A ray that is given, with its letters.</summary>
/// <param name="Name">Its letters.</param>
/// <param name="Ray">The ray.</param>
public sealed record RayOnSheet(string Name, BaseRay Ray);

/// <summary>
/// The points in which what was drawn crosses: places for a needle, a pencil point or the straightedge, for those who reach them by keys and
/// by ear. It says where they are, and not which of them is needed.
/// </summary>
public static class ConstructionPoints
{
    /// <summary>So many at most are told.</summary>
    public const int Most = 120;

    // A pencil line that ends no farther from a crossing than this reaches it, in mm.
    private const double Reaches = 2;

    /// <summary>All crossings that can be seen, those of the last arc first.</summary>
    public static IReadOnlyList<ConstructionPoint> Of(
        IReadOnlyList<RayOnSheet> rays,
        IReadOnlyList<IReadOnlyList<Point>> strokes,
        IReadOnlyList<SeenArc> arcs
    )
    {
        List<Drawn> all =
        [
            .. rays.Select(r => new Drawn(
                Curve.Line(r.Ray.Vertex, r.Ray.Direction),
                p => IsOn(r.Ray, p),
                Kind.Ray,
                r.Name,
                0
            )),
            .. strokes
                .Where(s => s.Count > 1)
                .Select((s, i) => (Line: Fitted(s), Number: i + 1))
                .Select(l => new Drawn(
                    Curve.Line(l.Line.Near, l.Line.Direction),
                    p => l.Line.DistanceFrom(p) <= Reaches,
                    Kind.Line,
                    "",
                    l.Number
                )),
            .. arcs.Select(
                (a, i) => new Drawn(a.Curve, p => a.EndsBefore(p) <= Reaches, Kind.Arc, "", i + 1)
            ),
        ];
        var found = new List<ConstructionPoint>();
        Span<Point> crossings = stackalloc Point[2];
        for (int later = all.Count - 1; later >= 0 && found.Count < Most; later--)
        {
            for (int earlier = later - 1; earlier >= 0 && found.Count < Most; earlier--)
            {
                (Drawn one, Drawn other) = (all[earlier], all[later]);
                if (one.Kind == Kind.Ray && other.Kind == Kind.Ray)
                {
                    continue;
                }
                int count = one.Curve.Crossings(other.Curve, crossings);
                for (int c = 0; c < count; c++)
                {
                    if (one.Has(crossings[c]) && other.Has(crossings[c]))
                    {
                        found.Add(new(crossings[c].Rounded(), NameOf(one, other)));
                    }
                }
            }
        }
        return found.Count <= Most ? found : found[..Most];
    }

    private static bool IsOn(BaseRay ray, Point point)
    {
        var line = new StrokeLine(ray.Vertex, ray.Vertex.Towards(ray.Direction, ray.Length));
        return line.DistanceFrom(point) <= Reaches;
    }

    private static StrokeLine Fitted(IReadOnlyList<Point> stroke)
    {
        var fit = LineFit.Of(LineFit.Ink(stroke));
        return new StrokeLine(fit.One, fit.Other);
    }

    private static Message NameOf(Drawn one, Drawn other) =>
        (one.Kind, other.Kind) switch
        {
            (Kind.Ray, Kind.Arc) => Text.Heard.ArcOnRay(other.Number, one.Name),
            (Kind.Ray, _) => Text.Heard.LineOnRay(other.Number, one.Name),
            (Kind.Line, Kind.Arc) => Text.Heard.ArcOnLine(other.Number, one.Number),
            (Kind.Line, _) => Text.Heard.LinesMeet(one.Number, other.Number),
            _ => Text.Heard.ArcsMeet(one.Number, other.Number),
        };

    private enum Kind
    {
        Ray,
        Line,
        Arc,
    }

    private sealed record Drawn(
        Curve Curve,
        Func<Point, bool> Has,
        Kind Kind,
        string Name,
        int Number
    );
}
