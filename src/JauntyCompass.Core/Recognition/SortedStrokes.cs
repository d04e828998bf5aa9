using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>Tells of each stroke whether it is a dot, a line, two lines with a corner between them, or an arc.</summary>
/// <param name="dots">Dots that were made as such.</param>
internal sealed class SortedStrokes(IReadOnlyList<Point> dots)
{
    // A stroke shorter than this, in mm, is a dot, or a slip of the pencil.
    private const double ShortestLine = 3;

    // A dragged dot is longer than one that was set down and lifted, and far shorter than a line. In mm; common practice, no source.
    private const double DraggedDot = 6;

    // A line is straight when its points lie no farther beside it, as a share of its length; of a short one a little more, in mm.
    private const double StraightWithin = 1.2;
    private const double ShareOfShort = 0.04;
    private const double StraightShare = 0.03;
    private const double LargestArc = 60;

    private readonly List<PencilLine> _lines = [];

    internal List<PencilDot> Dots { get; } = [.. dots.Select(d => new PencilDot(d, 0))];

    internal List<PencilArc> Arcs { get; } = [];

    /// <summary>The lines, as many strokes as they were drawn with.</summary>
    internal IReadOnlyList<PencilLine> Pieces()
    {
        // A short stroke beside real lines is a dot that was dragged; alone it is all there is of a line.
        if (!_lines.Exists(l => l.Length > DraggedDot))
        {
            return _lines;
        }
        foreach (PencilLine smear in _lines.Where(l => l.Length <= DraggedDot))
        {
            Dots.Add(new PencilDot(smear.Middle, smear.Length));
        }
        return [.. _lines.Where(l => l.Length > DraggedDot)];
    }

    internal void Add(IReadOnlyList<Point> stroke, int place)
    {
        if (stroke.Count == 0)
        {
            return;
        }
        Inked[] ink = LineFit.Ink(stroke);
        LineFit fit = LineFit.Of(ink);
        if (stroke.Count < 2 || fit.Length < ShortestLine)
        {
            Dots.Add(new PencilDot(Middle(stroke), stroke.Count < 2 ? 0 : fit.Length));
            return;
        }
        if (IsStraight(fit))
        {
            _lines.Add(new PencilLine(ink, fit, place, strokes: 1));
            return;
        }
        int corner = Corner.Of(ink);
        LineFit first = LineFit.Of(ink.AsSpan(0, corner + 1));
        LineFit second = LineFit.Of(ink.AsSpan(corner));
        double bent = Math.Max(first.Shake, second.Shake);
        if (Circle.Through([.. stroke]) is { Radius: <= LargestArc } circle && circle.Off < bent)
        {
            Arcs.Add(
                new PencilArc(stroke[stroke.Count / 2], circle.Centre, circle.Radius, circle.Off)
            );
            return;
        }
        // The pencil was not lifted at the corner: two lines in one stroke. What is no line in it is left out.
        if (first.Length >= DraggedDot && IsStraight(first))
        {
            _lines.Add(new PencilLine(ink[..(corner + 1)], first, place, strokes: 1));
        }
        if (second.Length >= DraggedDot && IsStraight(second))
        {
            _lines.Add(new PencilLine(ink[corner..], second, place, strokes: 1));
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
}
