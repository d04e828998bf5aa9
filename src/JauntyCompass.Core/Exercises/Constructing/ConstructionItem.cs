using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Constructing;

/// <summary>A construction with compass and straightedge; the instrument is there for the check, and not before.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument for the check.</param>
public abstract record ConstructionItem(Message Prompt, Protractor Instrument)
    : InstrumentItem(Prompt, Instrument)
{
    /// <summary>What it begins with and what must come out.</summary>
    internal abstract ConstructionAim Aim { get; }

    /// <summary>The angle that stands there, as a figure; null where none does.</summary>
    internal abstract Figure? Figure { get; }

    /// <summary>The ray that is given to construct on; null where the angle is all there is.</summary>
    internal abstract DrawingTask? OnRay { get; }
}

/// <summary>A construction as it was made, and what it measures.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Arcs">Arcs of the compass, at most 30.</param>
/// <param name="Reading">What the student's own angle measures, in degrees.</param>
/// <param name="ReadingPlacement">How the instrument lay at the reading, or null.</param>
public abstract record ConstructionResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<CompassStroke> Arcs,
    double Reading,
    Placement? ReadingPlacement
) : Response
{
    private const int MostStrokes = 50;
    private const int MostArcs = 30;

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Each("strokes", Strokes, 0, MostStrokes);
        errors.Each("arcs", Arcs, 0, MostArcs);
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        errors.Within("readingPlacement", ReadingPlacement);
    }

    /// <summary>The construction as it is recognised.</summary>
    internal ConstructionReading Read(ConstructionAim aim) =>
        ConstructionReading.Of(
            aim,
            [.. Strokes.Select(s => s.Points)],
            [.. Arcs.Select(SeenArc.Of).OfType<SeenArc>()]
        );
}
