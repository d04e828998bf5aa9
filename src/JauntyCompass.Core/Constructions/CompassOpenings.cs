namespace JauntyCompass.Core.Constructions;

/// <summary>A length to which the compass was set, or could have been.</summary>
/// <param name="Seen">As it is on the sheet, in mm.</param>
/// <param name="Ideal">As a perfect hand would have it, in mm.</param>
/// <param name="Same">An opening that differs by less than this was meant to be the same, in mm.</param>
/// <param name="Arc">The arc whose opening it is; -1 for a distance between two points.</param>
internal readonly record struct CompassOpening(double Seen, double Ideal, double Same, int Arc);

/// <summary>The openings that a construction has so far, and which of its arcs share one.</summary>
/// <param name="arcs">How many arcs there are.</param>
internal sealed class CompassOpenings(int arcs)
{
    private readonly List<CompassOpening> _all = [];
    private readonly bool[] _kept = new bool[arcs];

    internal void Add(CompassOpening opening) => _all.Add(opening);

    /// <summary>Whether an arc shares its opening with another.</summary>
    internal bool IsKept(int arc) => _kept[arc];

    /// <summary>
    /// What the opening of an arc was meant to be, and how far off it is as a share of what may be: that of another arc, or else a
    /// distance that happens to be as long, or the other way round; itself and 1 where it is neither.
    /// </summary>
    /// <param name="arc">The arc.</param>
    /// <param name="seen">Its opening as it is on the sheet, in mm.</param>
    /// <param name="distanceFirst">Whether a distance is likelier.</param>
    internal (double Ideal, double Off) Kept(int arc, double seen, bool distanceFirst)
    {
        double ideal = seen;
        double least = 1;
        bool isLikelier = false;
        foreach (CompassOpening opening in _all)
        {
            double off = Math.Abs(opening.Seen - seen) / opening.Same;
            if (off >= 1)
            {
                continue;
            }
            if (opening.Arc >= 0)
            {
                _kept[arc] = _kept[opening.Arc] = true;
            }
            bool likelier = opening.Arc < 0 == distanceFirst;
            if (likelier == isLikelier ? off < least : likelier)
            {
                (ideal, least, isLikelier) = (opening.Ideal, off, likelier);
            }
        }
        return (ideal, least);
    }

    /// <summary>
    /// Of the openings that differ from one by more than a hand strays, by rank: those of arcs first, then the nearest. Distances that
    /// differ by less are among them: an arc of another one that happens to be as long is taken before those.
    /// </summary>
    internal CompassOpening? Near(double seen, int rank)
    {
        CompassOpening[] near =
        [
            .. _all.Where(o =>
                    Math.Abs(o.Seen - seen) is double off and <= Relaxed.Farthest
                    && (o.Arc < 0 || off > Retracing.SameOpening)
                )
                .OrderBy(o => o.Arc < 0)
                .ThenBy(o => Math.Abs(o.Seen - seen)),
        ];
        return rank < near.Length ? near[rank] : null;
    }
}
