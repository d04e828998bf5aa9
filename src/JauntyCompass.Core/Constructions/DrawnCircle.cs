using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Constructions;

/// <summary>A circle of which one arc or several were drawn: about one point, with one opening.</summary>
/// <param name="Arcs">The arcs, one at least.</param>
internal sealed record DrawnCircle(IReadOnlyList<SeenArc> Arcs)
{
    // A needle put back to its place comes to stand this near to where it was, in mm. Common practice, no source.
    private const double SamePlace = 1.5;

    internal SeenArc First => Arcs[0];

    internal Point Centre { get; } =
        new(Arcs.Average(a => a.Centre.X), Arcs.Average(a => a.Centre.Y));

    internal double Opening { get; } = Arcs.Average(a => a.Opening);

    internal Curve Curve => Curve.Circle(Centre, Opening);

    private readonly ArcReach[] _reaches = [.. Arcs.Select(a => new ArcReach(a))];

    /// <summary>How far the nearest of its arcs ends before a point, in mm along it; 0 where one reaches it.</summary>
    internal double EndsBefore(Point point)
    {
        double least = double.MaxValue;
        foreach (ref readonly ArcReach reach in _reaches.AsSpan())
        {
            least = Math.Min(least, reach.EndsBefore(point));
        }
        return least;
    }

    /// <summary>Puts arcs of one circle together.</summary>
    internal static IReadOnlyList<DrawnCircle> Of(IReadOnlyList<SeenArc> arcs)
    {
        var circles = new List<List<SeenArc>>();
        foreach (SeenArc arc in arcs)
        {
            List<SeenArc>? same = circles.Find(c =>
                c[0].Centre.DistanceTo(arc.Centre) <= SamePlace
                && Math.Abs(c[0].Opening - arc.Opening) <= Retracing.SameOpening
            );
            if (same is null)
            {
                circles.Add([arc]);
            }
            else
            {
                same.Add(arc);
            }
        }
        return [.. circles.Select(c => new DrawnCircle(c))];
    }
}
