namespace JauntyCompass.Core.Recognition;

/// <summary>Where a stroke turns.</summary>
internal static class Corner
{
    /// <summary>The place of the point that lies farthest off the line from the first to the last.</summary>
    internal static int Of(ReadOnlySpan<Inked> ink)
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
}
