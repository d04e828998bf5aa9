using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Recognition;

namespace JauntyCompass.Core.Constructions;

/// <summary>What went wrong in the way of constructing.</summary>
public enum ConstructionFlaw
{
    /// <summary>Nothing: retraced by a perfect hand, just what was asked comes out.</summary>
    None,

    /// <summary>No arcs: drawn by eye or with the protractor.</summary>
    NoArcs,

    /// <summary>The opening of the compass changed by a little between two arcs that must be alike.</summary>
    OpeningChanged,

    /// <summary>Two arcs that must be alike were drawn with openings that have nothing to do with each other.</summary>
    UnlikeOpenings,

    /// <summary>The needle did not stand on the crossing.</summary>
    NeedleOff,

    /// <summary>The arcs are too short to meet.</summary>
    ArcsTooShort,

    /// <summary>The line was drawn to another crossing.</summary>
    WrongCrossing,

    /// <summary>Something else.</summary>
    Unknown,
}

/// <summary>A construction as it was recognised: the ray that came out, and how it was come by.</summary>
public sealed class ConstructionReading
{
    internal ConstructionReading(
        ConstructionAim aim,
        IReadOnlyList<SeenArc> arcs,
        StrokeLine? ray
    ) => (Aim, Arcs, Ray) = (aim, arcs, ray);

    /// <summary>What was asked.</summary>
    public ConstructionAim Aim { get; }

    /// <summary>The arcs that were drawn.</summary>
    public IReadOnlyList<SeenArc> Arcs { get; }

    /// <summary>The ray that came out; null without one.</summary>
    public StrokeLine? Ray { get; }

    /// <summary>How far round it lies from the start, in degrees; null without a ray.</summary>
    public double? Turn => Ray is StrokeLine ray ? Aim.TurnTo(ray.Direction) : null;

    /// <summary>What went wrong in the way of constructing.</summary>
    public ConstructionFlaw Flaw { get; internal init; }

    /// <summary>By how much, in mm: an opening that changed, a needle beside its crossing, arcs that end too soon; 0 where that is no length.</summary>
    public double Size { get; internal init; }

    /// <summary>Where on the sheet it is to be seen; null where that is nowhere.</summary>
    public Point? Place { get; internal init; }

    /// <summary>The arc in which it is to be seen; null where it is none.</summary>
    public SeenArc? Arc { get; internal init; }

    /// <summary>The arc that it should be like; null where it is none.</summary>
    public SeenArc? Like { get; internal init; }

    /// <summary>Reads a construction.</summary>
    /// <param name="aim">What was asked.</param>
    /// <param name="strokes">Strokes of the pencil, each a list of points in mm in the order of drawing; arcs may be among them.</param>
    /// <param name="arcs">Arcs of which the needle is known.</param>
    public static ConstructionReading Of(
        ConstructionAim aim,
        IReadOnlyList<IReadOnlyList<Point>> strokes,
        IReadOnlyList<SeenArc> arcs
    )
    {
        IReadOnlyList<SeenArc> all = ArcStrokes.Find(
            aim,
            strokes,
            arcs,
            out IReadOnlyList<IReadOnlyList<Point>> rest
        );
        return ConstructionReader.Read(aim, PencilMarks.Of(rest, [], null), all);
    }
}
