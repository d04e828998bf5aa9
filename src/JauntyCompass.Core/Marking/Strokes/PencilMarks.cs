using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Marking.Strokes;

/// <summary>A dot as it was made.</summary>
/// <param name="At">Its middle.</param>
/// <param name="Width">How far it was dragged, in mm; 0 for a clean one.</param>
public readonly record struct PencilDot(Point At, double Width);

/// <summary>What a pencil left on a sheet, told apart: lines, dots and an arc, in whatever order and direction they were drawn.</summary>
public sealed class PencilMarks
{
    /// <summary>A stroke shorter than this, in mm, is a dot, or a slip of the pencil.</summary>
    public const double ShortestLine = 3;

    // A dragged dot is longer than one that was set down and lifted, and far shorter than a line. In mm; common practice, no source.
    private const double DraggedDot = 6;

    // Two strokes make one line when the end of the one lies no farther beside the other, and no farther behind its end. In mm.
    private const double JoinAcross = 2;
    private const double JoinAlong = 8;

    // A line is straight when its points lie no farther beside it, as a share of its length; of a short one a little more, in mm.
    private const double StraightWithin = 1.2;
    private const double ShareOfShort = 0.04;
    private const double StraightShare = 0.03;
    private const double LargestArc = 60;

    private PencilMarks(IReadOnlyList<PencilLine> lines, IReadOnlyList<PencilDot> dots, Point? arc)
    {
        Lines = lines;
        Dots = dots;
        Arc = arc;
    }

    /// <summary>Lines, the longest first; strokes that make one line are joined.</summary>
    public IReadOnlyList<PencilLine> Lines { get; }

    /// <summary>Dots, also those made as short strokes.</summary>
    public IReadOnlyList<PencilDot> Dots { get; }

    /// <summary>A point of the arc, also of one that was drawn as a stroke; null when there is none.</summary>
    public Point? Arc { get; }

    /// <summary>Tells apart what was drawn.</summary>
    /// <param name="strokes">Strokes, each a list of points in mm in the order of drawing.</param>
    /// <param name="dots">Dots that were made as such.</param>
    /// <param name="arc">A point in the opening that was marked, or null.</param>
    public static PencilMarks Of(
        IReadOnlyList<IReadOnlyList<Point>> strokes,
        IReadOnlyList<Point> dots,
        Point? arc
    )
    {
        var pieces = new List<PencilLine>(strokes.Count);
        var all = new List<PencilDot>(dots.Count);
        foreach (Point dot in dots)
        {
            all.Add(new PencilDot(dot, 0));
        }
        Point? curve = null;
        for (int i = 0; i < strokes.Count; i++)
        {
            Sort(strokes[i], i, pieces, all, ref curve);
        }
        // A short stroke beside real lines is a dot that was dragged; alone it is all there is of a line.
        if (pieces.Exists(l => l.Length > DraggedDot))
        {
            foreach (PencilLine smear in pieces.Where(l => l.Length <= DraggedDot))
            {
                all.Add(new PencilDot(smear.Middle, smear.Length));
            }
            pieces.RemoveAll(l => l.Length <= DraggedDot);
        }
        return new PencilMarks(Join(pieces), all, arc ?? curve);
    }

    private static void Sort(
        IReadOnlyList<Point> stroke,
        int place,
        List<PencilLine> lines,
        List<PencilDot> dots,
        ref Point? curve
    )
    {
        if (stroke.Count == 0)
        {
            return;
        }
        Inked[] ink = LineFit.Ink(stroke);
        LineFit fit = LineFit.Of(ink);
        if (stroke.Count < 2 || fit.Length < ShortestLine)
        {
            dots.Add(new PencilDot(Middle(stroke), stroke.Count < 2 ? 0 : fit.Length));
            return;
        }
        if (IsStraight(fit))
        {
            lines.Add(new PencilLine(ink, fit, place, strokes: 1));
            return;
        }
        int corner = Corner(ink);
        LineFit first = LineFit.Of(ink.AsSpan(0, corner + 1));
        LineFit second = LineFit.Of(ink.AsSpan(corner));
        double bent = Math.Max(first.Shake, second.Shake);
        if (Circle.Through(ink) is { Radius: <= LargestArc } circle && circle.Off < bent)
        {
            curve = stroke[stroke.Count / 2];
            return;
        }
        // The pencil was not lifted at the corner: two lines in one stroke. What is no line in it is left out.
        if (first.Length >= DraggedDot && IsStraight(first))
        {
            lines.Add(new PencilLine(ink[..(corner + 1)], first, place, strokes: 1));
        }
        if (second.Length >= DraggedDot && IsStraight(second))
        {
            lines.Add(new PencilLine(ink[corner..], second, place, strokes: 1));
        }
    }

    private static bool IsStraight(in LineFit fit) =>
        fit.Shake
        <= Math.Max(
            Math.Min(StraightWithin, ShareOfShort * fit.Length),
            StraightShare * fit.Length
        );

    private static Point Middle(IReadOnlyList<Point> stroke) =>
        new(stroke.Average(p => p.X), stroke.Average(p => p.Y));

    // The place at which two straight lines, one before and one after, fit best.
    private static int Corner(Inked[] ink)
    {
        var chord = new LineFit(ink[0].At, ink[^1].At, 0);
        int corner = ink.Length / 2;
        double most = 0;
        for (int i = 1; i < ink.Length - 1; i++)
        {
            double off = chord.Across(ink[i].At);
            if (off > most)
            {
                (corner, most) = (i, off);
            }
        }
        return corner;
    }

    // Longest first, so that short pieces are held against a line and not the other way round.
    private static List<PencilLine> Join(List<PencilLine> pieces)
    {
        pieces.Sort(static (a, b) => b.Length.CompareTo(a.Length));
        var lines = new List<PencilLine>(pieces.Count);
        foreach (PencilLine piece in pieces)
        {
            int with = lines.FindIndex(l => l.Continues(piece, JoinAcross, JoinAlong));
            if (with < 0)
            {
                lines.Add(piece);
            }
            else
            {
                lines[with] = lines[with].With(piece);
            }
        }
        lines.Sort(static (a, b) => b.Length.CompareTo(a.Length));
        return lines;
    }
}
