using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking;

/// <summary>What became of an answer.</summary>
public enum Verdict
{
    /// <summary>Within the tolerance.</summary>
    Accepted,

    /// <summary>Outside the tolerance by no more than one graduation, or right but for a small flaw of drawing.</summary>
    Near,

    /// <summary>Farther off, or not finished.</summary>
    NotYet,
}

/// <summary>What a cause was found by.</summary>
public enum Evidence
{
    /// <summary>By the number of degrees that came out. The likelihoods of these causes and of "not explained" sum to 1.</summary>
    Degrees,

    /// <summary>By looking at the sheet, whatever the number. Each such likelihood stands alone.</summary>
    Sheet,

    /// <summary>By what was chosen among a few things.</summary>
    Choice,
}

/// <summary>One possible cause of a wrong answer.</summary>
/// <param name="Mistake">Key of the mistake in the catalogue, or <c>not-explained</c>.</param>
/// <param name="Name">Its name in a few words.</param>
/// <param name="Likelihood">Probability, 0 to 1.</param>
/// <param name="Evidence">What it was found by.</param>
public sealed record Cause(string Mistake, Message Name, double Likelihood, Evidence Evidence);

/// <summary>
/// An error in degrees, split by where it came from. The four parts sum to the whole error. Without a known placement
/// everything counts as reading.
/// </summary>
/// <param name="Placing">What the way the instrument lay costs a careful reader.</param>
/// <param name="Reading">What was misread, or marked at the wrong graduation.</param>
/// <param name="Arithmetic">What was miscalculated.</param>
/// <param name="Ruling">What the drawn line strays from its own dot.</param>
public sealed record ErrorParts(double Placing, double Reading, double Arithmetic, double Ruling)
{
    /// <summary>The whole error, in degrees.</summary>
    public double Whole => Placing + Reading + Arithmetic + Ruling;

    /// <summary>The same error of what is left of the full turn.</summary>
    internal ErrorParts Opposite => new(-Placing, -Reading, -Arithmetic, -Ruling);
}

/// <summary>What the student is told.</summary>
/// <param name="Praise">What was done well, or null.</param>
/// <param name="Happened">What happened, in one kind sentence or two; null when there is nothing to say.</param>
/// <param name="Next">What to do next; null when nothing is left to do.</param>
public sealed record Feedback(Message? Praise, Message? Happened, Message? Next = null);

/// <summary>A ring round a place on the sheet.</summary>
/// <param name="At">Its middle.</param>
/// <param name="Radius">Its radius, in mm.</param>
public sealed record PictureRing(Point At, double Radius);

/// <summary>A line on the sheet in the marking ink.</summary>
/// <param name="From">One end.</param>
/// <param name="To">The other end.</param>
/// <param name="Arrow">Whether the other end carries an arrowhead.</param>
public sealed record PictureLine(Point From, Point To, bool Arrow = false);

/// <summary>What is written on the sheet in the marking ink.</summary>
/// <param name="Text">A few words.</param>
/// <param name="At">Where the middle of the text stands.</param>
public sealed record PictureNote(Message Text, Point At);

/// <summary>A picture of what happened, drawn over the student's own sheet in the marking ink.</summary>
public sealed record MarkPicture
{
    /// <summary>A count as the student made it, or null.</summary>
    public CountingThread? Thread { get; init; }

    /// <summary>Rings round the places to look at.</summary>
    public IReadOnlyList<PictureRing> Rings { get; init; } = [];

    /// <summary>Lines.</summary>
    public IReadOnlyList<PictureLine> Lines { get; init; } = [];

    /// <summary>What is written beside, or null.</summary>
    public PictureNote? Note { get; init; }

    /// <summary>The picture as it is kept and sent: as fine as it is drawn, and no finer.</summary>
    internal MarkPicture Rounded() =>
        new()
        {
            Thread = Thread?.Rounded(),
            Rings = [.. Rings.Select(r => r with { At = r.At.Rounded() })],
            Lines = [.. Lines.Select(l => l with { From = l.From.Rounded(), To = l.To.Rounded() })],
            Note = Note is null ? null : Note with { At = Note.At.Rounded() },
        };
}

/// <summary>An answer as marked.</summary>
/// <param name="MarkerVersion">Number of the marker that made it; an answer can be marked again by a later one.</param>
/// <param name="Verdict">What became of it.</param>
/// <param name="Tolerance">The tolerance in force, in degrees.</param>
/// <param name="Value">What the answer comes to, in degrees; null when it gives no angle.</param>
/// <param name="Error">Value minus the true measure, in degrees; null when there is no value.</param>
/// <param name="Parts">The error by its parts; null when there is no value.</param>
/// <param name="Causes">Possible causes, likeliest first; empty for an accepted answer.</param>
/// <param name="LikelyCause">Key of the cause that is likely enough to be named, <c>not-explained</c>, or null for an accepted answer.</param>
/// <param name="Feedback">What the student is told.</param>
/// <param name="Picture">A picture of what happened, or null.</param>
/// <param name="Steps">What became of each step; null for marks of markers before 3.</param>
/// <param name="Credit">Share of the full credit, 0 to 1; null for marks of markers before 3.</param>
public sealed record Mark(
    int MarkerVersion,
    Verdict Verdict,
    double Tolerance,
    double? Value,
    double? Error,
    ErrorParts? Parts,
    IReadOnlyList<Cause> Causes,
    string? LikelyCause,
    Feedback Feedback,
    MarkPicture? Picture,
    IReadOnlyList<StepMark>? Steps = null,
    double? Credit = null
);

/// <summary>What became of one step of an answer.</summary>
/// <param name="Step">Key of the step, such as <c>kind</c> or <c>reading</c>.</param>
/// <param name="Title">What it is called.</param>
/// <param name="Verdict">What became of it.</param>
/// <param name="Credit">Its share of its own credit, 0 to 1.</param>
/// <param name="Weight">How much it counts beside the other steps.</param>
public sealed record StepMark(
    string Step,
    Message Title,
    Verdict Verdict,
    double Credit,
    double Weight
);
