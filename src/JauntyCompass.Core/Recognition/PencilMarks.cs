using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>A dot as it was made.</summary>
/// <param name="At">Its middle.</param>
/// <param name="Width">How far it was dragged, in mm; 0 for a clean one.</param>
public readonly record struct PencilDot(Point At, double Width);

/// <summary>An arc as it was drawn.</summary>
/// <param name="Middle">A point half way along it.</param>
/// <param name="Centre">The centre of its circle.</param>
/// <param name="Radius">The radius of its circle, in mm.</param>
/// <param name="Off">How far its points lie off that circle, as a root mean square in mm.</param>
public readonly record struct PencilArc(Point Middle, Point Centre, double Radius, double Off);

/// <summary>Parts of a drawing that may not have been looked for.</summary>
public enum DrawnPart
{
    /// <summary>The base ray or the second one.</summary>
    Ray,

    /// <summary>The dot that the second ray was drawn by.</summary>
    Dot,

    /// <summary>The arc in the opening.</summary>
    Arc,
}

/// <summary>
/// What a pencil left on a sheet, told apart: lines, dots and arcs, in whatever order and direction they were drawn. A segment that was
/// found in a picture is a stroke of two points.
/// </summary>
public sealed class PencilMarks
{
    private readonly IReadOnlyList<PencilLine> _pieces;
    private readonly Point? _markedArc;
    private readonly IReadOnlyList<DrawnPart> _notSeen;

    private PencilMarks(
        IReadOnlyList<PencilLine> pieces,
        IReadOnlyList<PencilDot> dots,
        IReadOnlyList<PencilArc> arcs,
        Point? markedArc,
        IReadOnlyList<DrawnPart> notSeen
    )
    {
        _notSeen = notSeen;
        _pieces = pieces;
        _markedArc = markedArc;
        Lines = LineJoiner.Join(pieces);
        Dots = dots;
        Arcs = arcs;
    }

    /// <summary>Lines, the longest first; strokes that make one line are joined.</summary>
    public IReadOnlyList<PencilLine> Lines { get; }

    /// <summary>Dots, also those made as short strokes.</summary>
    public IReadOnlyList<PencilDot> Dots { get; }

    /// <summary>Arcs that were drawn, in the order of drawing.</summary>
    public IReadOnlyList<PencilArc> Arcs { get; }

    /// <summary>Whether someone looked for a part, so that where it is not found it is not there.</summary>
    public bool LookedFor(DrawnPart part) => !_notSeen.Contains(part);

    /// <summary>Tells apart what was drawn.</summary>
    /// <param name="strokes">Strokes, each a list of points in mm in the order of drawing.</param>
    /// <param name="dots">Dots that were made as such.</param>
    /// <param name="arc">A point in the opening that was marked, or null.</param>
    /// <param name="notSeen">
    /// Parts that nobody could look for: in a picture a dot may be too faint. Null: every stroke was seen as it was made.
    /// </param>
    public static PencilMarks Of(
        IReadOnlyList<IReadOnlyList<Point>> strokes,
        IReadOnlyList<Point> dots,
        Point? arc,
        IReadOnlyList<DrawnPart>? notSeen = null
    )
    {
        var sorted = new SortedStrokes(dots);
        for (int i = 0; i < strokes.Count; i++)
        {
            sorted.Add(strokes[i], i);
        }
        return new PencilMarks(sorted.Pieces(), sorted.Dots, sorted.Arcs, arc, notSeen ?? []);
    }

    /// <summary>
    /// The same marks for who knows where the vertex is: a stroke that goes in along one arm and out along the other is two lines. One
    /// that runs straight on behind the vertex stays one.
    /// </summary>
    public PencilMarks AroundVertex(Point vertex)
    {
        List<PencilLine>? split = null;
        for (int i = 0; i < _pieces.Count; i++)
        {
            if (_pieces[i].SplitAt(vertex) is var (one, other))
            {
                split ??= [.. _pieces];
                split.Remove(_pieces[i]);
                split.Add(one);
                split.Add(other);
            }
        }
        return split is null ? this : new PencilMarks(split, Dots, Arcs, _markedArc, _notSeen);
    }

    /// <summary>A point of the arc at a vertex: where it was marked, or of those that were drawn the one that goes round it best; null without any.</summary>
    public Point? ArcAt(Point vertex)
    {
        if (_markedArc is not null)
        {
            return _markedArc;
        }
        Point? best = null;
        double least = double.MaxValue;
        foreach (PencilArc arc in Arcs)
        {
            double off = arc.Centre.DistanceTo(vertex);
            if (off < least)
            {
                (best, least) = (arc.Middle, off);
            }
        }
        return best;
    }
}
