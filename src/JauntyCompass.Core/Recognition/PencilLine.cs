using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>A straight line on the sheet, drawn by one stroke or by several.</summary>
public sealed class PencilLine
{
    // A line that begins this near to the vertex was meant to begin there, in mm. Common practice, no source.
    private const double MeantToMeet = 1.5;

    // How far a line that wavers may stray from where its beginning points, in times of its wavering. Common practice, no source.
    private const double Wavering = 2;

    private readonly Inked[] _ink;
    private readonly LineFit _fit;

    internal PencilLine(Inked[] ink, LineFit fit, int first, int strokes)
    {
        _ink = ink;
        _fit = fit;
        First = first;
        Strokes = strokes;
    }

    /// <summary>One end.</summary>
    public Point One => _fit.One;

    /// <summary>The other end.</summary>
    public Point Other => _fit.Other;

    /// <summary>Length, in mm.</summary>
    public double Length => _fit.Length;

    /// <summary>How far the hand strayed beside the line, as a root mean square in mm; next to nothing along a straightedge.</summary>
    public double Shake => _fit.Shake;

    /// <summary>Place of its first stroke among all strokes.</summary>
    public int First { get; }

    /// <summary>How many strokes it was drawn with.</summary>
    public int Strokes { get; }

    internal Point Middle => new((One.X + Other.X) / 2, (One.Y + Other.Y) / 2);

    /// <summary>
    /// The line as it runs away from a vertex. The nearer it begins to the vertex, the more surely it was meant to begin there, and
    /// the steadier its direction is known.
    /// </summary>
    public StrokeLine Seen(Point vertex)
    {
        var line = StrokeLine.From(vertex, One, Other);
        double trust = Math.Clamp(1 - GapTo(vertex) / MeantToMeet, 0, 1);
        if (trust == 0)
        {
            return line;
        }
        LineFit held = LineFit.Of(_ink, vertex, trust);
        return StrokeLine.From(vertex, held.One, held.Other);
    }

    /// <summary>
    /// The shortest distance from a point to the line, in mm. A line that wavers may well begin at the point that it then runs beside.
    /// </summary>
    public double GapTo(Point point)
    {
        double gap = new StrokeLine(One, Other).DistanceFrom(point);
        foreach (ref readonly Inked inked in _ink.AsSpan())
        {
            gap = Math.Min(gap, inked.At.DistanceTo(point));
        }
        return gap;
    }

    // A pencil that turned at the vertex came this near to it, and went this far on either side. In mm.
    private const double TurnedWithin = 3;
    private const double ShortestArm = 12;

    /// <summary>The two lines of a stroke that turned at a point, or ran on through it; null where it did not come by.</summary>
    internal (PencilLine One, PencilLine Other)? SplitAt(Point vertex)
    {
        int nearest = 0;
        for (int i = 1; i < _ink.Length; i++)
        {
            if (_ink[i].At.DistanceTo(vertex) < _ink[nearest].At.DistanceTo(vertex))
            {
                nearest = i;
            }
        }
        return _ink[nearest].At.DistanceTo(vertex) <= TurnedWithin ? SplitAt(nearest) : null;
    }

    /// <summary>
    /// The two lines of a stroke that has a corner, however wide; null where it is as good a line without one.
    /// </summary>
    internal (PencilLine One, PencilLine Other)? SplitAtCorner()
    {
        // A corner explains a stroke when the points lie so many times nearer to two lines than to one.
        const double Better = 2.2;
        return
            SplitAt(Corner.Of(_ink)) is var (one, other)
            && Math.Max(one.Shake, other.Shake) * Better < Shake
            ? (one, other)
            : null;
    }

    private (PencilLine One, PencilLine Other)? SplitAt(int place)
    {
        if (Strokes > 1 || place < 1 || place > _ink.Length - 2)
        {
            return null;
        }
        Inked[] before = _ink[..(place + 1)];
        Inked[] after = _ink[place..];
        LineFit one = LineFit.Of(before);
        LineFit other = LineFit.Of(after);
        return one.Length >= ShortestArm && other.Length >= ShortestArm
            ? (new PencilLine(before, one, First, 1), new PencilLine(after, other, First, 1))
            : null;
    }

    internal bool Continues(PencilLine piece, double across, double along)
    {
        var line = new StrokeLine(One, Other);
        // What wavers is not known to run straight on.
        across += Wavering * Math.Max(Shake, piece.Shake);
        if (_fit.Across(piece.One) > across || _fit.Across(piece.Other) > across)
        {
            return false;
        }
        double from = Math.Min(line.Along(piece.One), line.Along(piece.Other));
        double to = Math.Max(line.Along(piece.One), line.Along(piece.Other));
        return from <= Length + along && to >= -along;
    }

    internal PencilLine With(PencilLine piece)
    {
        Inked[] ink = [.. _ink, .. piece._ink];
        return new PencilLine(
            ink,
            LineFit.Of(ink),
            Math.Min(First, piece.First),
            Strokes + piece.Strokes
        );
    }
}
