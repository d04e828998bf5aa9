using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Drawn;

/// <summary>What a student drew.</summary>
/// <param name="Strokes">
/// Pencil strokes as they were made, at most 50, in any order and direction; what makes one line is joined, short ones are dots.
/// </param>
/// <param name="Dots">Dots, at most 50.</param>
/// <param name="Arc">A point inside the opening that was marked with an arc, or null.</param>
/// <param name="Placement">How the instrument lay when the last dot was made, or null.</param>
public abstract record DrawnResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    Point? Arc,
    Placement? Placement
) : Response
{
    private const int MostMarks = 50;
    private const int MostRests = 20;
    private const int MostParts = 3;

    /// <summary>Where the instrument had come to rest before the last dot, in order, at most 20; null when that is not known.</summary>
    public IReadOnlyList<Placement>? Rested { get; init; }

    /// <summary>
    /// Whether the instrument is known never to have been laid on. Without a placement and without this nobody knows, as on paper.
    /// </summary>
    public bool NeverLaid { get; init; }

    /// <summary>
    /// Parts that could not be looked for, such as a dot too faint for a picture; null where every stroke was seen as it was made. What is
    /// neither found nor here is not there.
    /// </summary>
    public IReadOnlyList<DrawnPart>? NotSeen { get; init; }

    /// <summary>Lines, dots and arc, told apart.</summary>
    internal PencilMarks Marks() =>
        PencilMarks.Of([.. Strokes.Select(s => s.Points)], Dots, Arc, NotSeen);

    /// <summary>The true context of drawing an angle.</summary>
    internal static MarkingContext Drawing(
        Angle asked,
        Protractor instrument,
        DrawnResponse? response
    ) =>
        MarkingContext.Drawing(
            asked,
            instrument,
            Seen.Of(response?.Placement, elseAbsent: response?.NeverLaid == true),
            response?.Rested
        );

    /// <summary>Judges a drawing of which no ray could be seen: whether there is one is not known.</summary>
    internal static Judgement CannotBeSeen(MarkingRules rules) =>
        Judge.Unfinished(rules, Text.Marks.Drawing.TooFaint, Text.Marks.Drawing.GoOverIt);

    /// <summary>Requires what is told of the drawing to be on the sheet, and no more of it than a hand makes.</summary>
    public override void Validate(ValidationErrors errors)
    {
        errors.Each("strokes", Strokes, 0, MostMarks);
        errors.Each("dots", Dots, 0, MostMarks);
        errors.Within("arc", Arc);
        errors.Within("placement", Placement);
        errors.Each("rested", Rested ?? [], 0, MostRests);
        errors.Count("notSeen", NotSeen ?? [], 0, MostParts);
        foreach (DrawnPart part in NotSeen ?? [])
        {
            errors.Known("notSeen", part);
        }
    }
}
