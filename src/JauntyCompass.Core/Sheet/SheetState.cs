using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Sheet;

/// <summary>
/// The whole state of the sheet at one step. Each state stands for itself: it does not depend on how one got there. Things
/// with the same id in two states are the same thing, moved.
/// </summary>
public sealed record SheetState
{
    /// <summary>The angles.</summary>
    public IReadOnlyList<Figure> Figures { get; init; } = [];

    /// <summary>Lines beside them: drawn, extended, traced.</summary>
    public IReadOnlyList<DrawnLine> Lines { get; init; } = [];

    /// <summary>Dots.</summary>
    public IReadOnlyList<DrawnDot> Dots { get; init; } = [];

    /// <summary>Arcs of the compass.</summary>
    public IReadOnlyList<CompassArc> CompassArcs { get; init; } = [];

    /// <summary>Words and numbers written on the sheet.</summary>
    public IReadOnlyList<Written> Notes { get; init; } = [];

    /// <summary>Instruments that lie on the sheet.</summary>
    public IReadOnlyList<LaidInstrument> Instruments { get; init; } = [];

    /// <summary>Counting threads.</summary>
    public IReadOnlyList<CountedThread> Threads { get; init; } = [];

    /// <summary>The straightedge, or null while it is in the tray.</summary>
    public LaidStraightedge? Straightedge { get; init; }

    /// <summary>The compass, or null while it is in the tray.</summary>
    public LaidCompass? Compass { get; init; }

    /// <summary>Tracing paper, or null.</summary>
    public TracingPaper? Tracing { get; init; }

    /// <summary>Where the lens looks, or null.</summary>
    public Point? Lens { get; init; }
}

/// <summary>How the opening of an angle is marked.</summary>
public enum OpeningMark
{
    /// <summary>Not marked.</summary>
    None,

    /// <summary>By an arc.</summary>
    Arc,

    /// <summary>By the box of a right angle.</summary>
    Box,

    /// <summary>By an arc with an arrow: a turn from the start arm to the end arm.</summary>
    Turn,

    /// <summary>By an arc with a short stroke: equal to every other that is marked so.</summary>
    EqualArc,
}

/// <summary>The usual mark of an angle.</summary>
public static class OpeningMarks
{
    /// <summary>The box for a right angle, the arc for every other.</summary>
    /// <param name="angle">The angle.</param>
    public static OpeningMark Of(Angle angle) =>
        angle.Measure.Kind == AngleKind.Right ? OpeningMark.Box : OpeningMark.Arc;
}

/// <summary>An angle on the sheet.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="Angle">The angle, lying as it lies at this step.</param>
public sealed record Figure(string Id, Angle Angle)
{
    /// <summary>Letters at its points, or null.</summary>
    public AngleNames? Names { get; init; }

    /// <summary>How its opening is marked.</summary>
    public OpeningMark Mark { get; init; } = OpeningMark.Arc;

    /// <summary>What is written beside the mark, or null.</summary>
    public Message? Written { get; init; }

    /// <summary>Length to which the start arm is extended, in mm, or null when it is not.</summary>
    public double? StartExtendedTo { get; init; }

    /// <summary>Length to which the end arm is extended, in mm, or null when it is not.</summary>
    public double? EndExtendedTo { get; init; }

    /// <summary>Whether the end arm is drawn; before that only the base ray stands there.</summary>
    public bool HasEnd { get; init; } = true;

    /// <summary>Whether its arms are its own; else lines of the sheet stand for them, such as those that several angles share.</summary>
    public bool HasArms { get; init; } = true;

    /// <summary>The arm the step is about, or null.</summary>
    public WhichArm? Spotlight { get; init; }

    /// <summary>Whether the vertex is what the step is about.</summary>
    public bool VertexSpotlight { get; init; }

    /// <summary>Whether the opening is what the step is about.</summary>
    public bool OpeningSpotlight { get; init; }
}

/// <summary>What a line is drawn with.</summary>
public enum Ink
{
    /// <summary>Pencil.</summary>
    Pencil,

    /// <summary>A dotted extension, to be rubbed out again.</summary>
    Extension,

    /// <summary>The marking ink: what went wrong.</summary>
    Marking,
}

/// <summary>A straight line.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="From">One end.</param>
/// <param name="To">The other end.</param>
/// <param name="Ink">What it is drawn with.</param>
/// <param name="Arrow">Whether it ends in an arrowhead.</param>
/// <param name="Blunt">Whether the pencil was blunt: the line is as wide as it should not be.</param>
public sealed record DrawnLine(
    string Id,
    Point From,
    Point To,
    Ink Ink = Ink.Pencil,
    bool Arrow = false,
    bool Blunt = false
);

/// <summary>A dot.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="At">Where it is.</param>
/// <param name="Ink">What it is made with.</param>
/// <param name="Blunt">Whether the pencil was blunt: the dot covers more than a degree.</param>
public sealed record DrawnDot(string Id, Point At, Ink Ink = Ink.Pencil, bool Blunt = false);

/// <summary>An arc of the compass.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="Centre">Where the needle stood.</param>
/// <param name="Radius">How far the compass was open, in mm.</param>
/// <param name="From">Where the arc begins, seen from the needle.</param>
/// <param name="Sweep">How far it runs from there, in degrees, anticlockwise positive.</param>
/// <param name="Ink">What it is drawn with.</param>
/// <param name="Blunt">Whether the lead was blunt: the arc is as wide as it should not be.</param>
public sealed record CompassArc(
    string Id,
    Point Centre,
    double Radius,
    Direction From,
    double Sweep,
    Ink Ink = Ink.Pencil,
    bool Blunt = false
);

/// <summary>The compass on the sheet.</summary>
/// <param name="Needle">Where its needle stands.</param>
/// <param name="Pencil">Where its pencil point stands.</param>
public sealed record LaidCompass(Point Needle, Point Pencil);

/// <summary>Words or numbers on the sheet.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="Text">What is written.</param>
/// <param name="At">Where its middle stands.</param>
/// <param name="Ink">What it is written with.</param>
/// <param name="Crossed">Whether it is crossed out: not allowed.</param>
public sealed record Written(
    string Id,
    Message Text,
    Point At,
    Ink Ink = Ink.Pencil,
    bool Crossed = false
);

/// <summary>An instrument that lies on the sheet.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="InstrumentId">Which of the script's instruments.</param>
/// <param name="Placement">Where it lies.</param>
public sealed record LaidInstrument(string Id, string InstrumentId, Placement Placement)
{
    /// <summary>Index of the scale that is inked while the others are ghosted; null: all alike.</summary>
    public int? InkedScale { get; init; }

    /// <summary>Bearing to which its turning arm is set, in degrees as printed; null when it has none or it lies at rest.</summary>
    public double? ArmBearing { get; init; }

    /// <summary>Whether it is only waiting to be laid on, and may lie partly off the window.</summary>
    public bool Waiting { get; init; }
}

/// <summary>A counting thread on the sheet.</summary>
/// <param name="Id">Unique on the sheet.</param>
/// <param name="Count">The way it runs.</param>
/// <param name="Wrong">Whether it shows a count that went wrong, in the marking ink.</param>
public sealed record CountedThread(string Id, CountingThread Count, bool Wrong = false);

/// <summary>The straightedge or the ruler, laid along a line.</summary>
/// <param name="From">Where the line begins; with graduations, where its zero lies.</param>
/// <param name="Direction">Which way it runs.</param>
/// <param name="Length">From zero to the last graduation, in mm.</param>
public sealed record LaidStraightedge(Point From, Direction Direction, double Length = 160)
{
    /// <summary>Whether it has no graduations: for constructions.</summary>
    public bool IsPlain { get; init; }

    /// <summary>How far it runs on before its zero and after its last graduation, in mm.</summary>
    public double Inset { get; init; } = 12;

    /// <summary>A ruler with its zero at a point.</summary>
    public static LaidStraightedge Of(Ruler ruler, Point zero, Direction direction) =>
        new(zero, direction, ruler.Length) { Inset = ruler.Inset };
}

/// <summary>A sheet of tracing paper with what was traced on it.</summary>
/// <param name="Angle">The traced angle, arms extended at will.</param>
public sealed record TracingPaper(Angle Angle);
