namespace JauntyCompass.Core.Recognition;

/// <summary>Joins strokes that make one line.</summary>
internal static class LineJoiner
{
    // Two strokes make one line when the end of the one lies no farther beside the other, and no farther behind its end. In mm.
    private const double Across = 2;
    private const double Along = 8;

    /// <summary>The lines, the longest first.</summary>
    internal static IReadOnlyList<PencilLine> Join(IReadOnlyList<PencilLine> pieces)
    {
        List<PencilLine> lines = [.. pieces];
        do
        {
            // Longest first, so that short pieces are held against a line and not the other way round.
            lines.Sort(static (a, b) => b.Length.CompareTo(a.Length));
        } while (JoinOnce(lines));
        return lines;
    }

    // What two pieces make may reach a third that neither of them did.
    private static bool JoinOnce(List<PencilLine> lines)
    {
        for (int one = 0; one < lines.Count; one++)
        {
            for (int other = one + 1; other < lines.Count; other++)
            {
                if (lines[one].Continues(lines[other], Across, Along))
                {
                    lines[one] = lines[one].With(lines[other]);
                    lines.RemoveAt(other);
                    return true;
                }
            }
        }
        return false;
    }
}
