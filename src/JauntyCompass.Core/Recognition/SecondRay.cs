using JauntyCompass.Core.Angles;

namespace JauntyCompass.Core.Recognition;

/// <summary>Which of some lines is the second ray of an angle whose base ray is given: the one that explains the sheet best.</summary>
public static class SecondRay
{
    // Along the base ray: a line that only goes over it again. In degrees and mm.
    private const double OverAgainDegrees = 2.5;
    private const double OverAgainMillimetres = 2;

    /// <summary>
    /// Finds it by where it begins, whether it runs through a dot, how long it is, and by what was drawn last; null where there is no line
    /// but along the base ray.
    /// </summary>
    /// <param name="baseRay">The angle asked for; its start arm is the base ray.</param>
    /// <param name="marks">What was drawn.</param>
    public static PencilLine? Find(Angle baseRay, PencilMarks marks)
    {
        PencilLine? best = null;
        double most = double.NegativeInfinity;
        foreach (PencilLine line in marks.Lines)
        {
            double score = RayScore.Of(line, baseRay.Vertex, marks);
            if (score > most && !GoesOver(baseRay, line))
            {
                (best, most) = (line, score);
            }
        }
        return best;
    }

    private static bool GoesOver(Angle asked, PencilLine line)
    {
        var ray = StrokeLine.From(asked.Vertex, line.One, line.Other);
        var given = new StrokeLine(asked.Vertex, asked.StartArm.Tip);
        return Math.Abs(asked.Start.ShorterTurnTo(ray.Direction)) <= OverAgainDegrees
            && given.DistanceAcross(ray.Near) <= OverAgainMillimetres
            && given.DistanceAcross(ray.Far) <= OverAgainMillimetres;
    }
}

/// <summary>
/// How well a line explains the sheet as a ray that was drawn from a vertex through a dot: logarithms of likelihoods. Common practice, no
/// source.
/// </summary>
internal static class RayScore
{
    // How far a hand begins beside the vertex, and passes beside its dot, in mm; and how much more unlikely it can make a line at most.
    private const double Beginning = 1.5;
    private const double Passing = 1.5;
    private const double Most = 8;

    // A line that is long enough to be measured, in mm, and what that is worth.
    private const double LongEnough = 45;
    private const double OfLength = 3;

    // What lies farther off is less likely still, for each mm.
    private const double Farther = 0.03;

    // Who draws a ray once more means the last one.
    private const double DrawnLater = 0.7;

    internal static double Of(PencilLine line, Point vertex, PencilMarks marks)
    {
        int later = marks.Lines.Count(l => l.First < line.First);
        return OfArm(line, vertex)
            - Beside(line, vertex, marks.Dots)
            + DrawnLater * later / marks.Lines.Count;
    }

    /// <summary>The same without a dot: of a base ray.</summary>
    internal static double OfArm(PencilLine line, Point vertex)
    {
        double gap = line.GapTo(vertex);
        return OfLength * Math.Min(1, line.Length / LongEnough)
            - Off(gap, Beginning)
            - Farther * gap;
    }

    /// <summary>How unlikely it is that something strays so far.</summary>
    internal static double Off(double by, double usual) =>
        Math.Min(Most, by * by / (2 * usual * usual));

    // Where there is a dot, the ray was drawn by it; a short one aims at it.
    private static double Beside(PencilLine line, Point vertex, IReadOnlyList<PencilDot> dots)
    {
        if (dots.Count == 0)
        {
            return 0;
        }
        var ray = StrokeLine.From(vertex, line.One, line.Other);
        double least = Most;
        foreach (PencilDot dot in dots)
        {
            if (ray.Along(dot.At) > 0)
            {
                least = Math.Min(least, Off(ray.DistanceAcross(dot.At), Passing));
            }
        }
        return least;
    }
}
