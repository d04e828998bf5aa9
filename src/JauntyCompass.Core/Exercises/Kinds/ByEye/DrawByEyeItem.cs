using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Drawn;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.ByEye;

/// <summary>A benchmark to be drawn by eye and measured afterwards.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument for measuring what came out.</param>
/// <param name="Measure">The benchmark, in degrees.</param>
/// <param name="BaseRay">The base ray.</param>
/// <param name="Opening">Which way round it opens.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record DrawByEyeItem(
    Message Prompt,
    Protractor Instrument,
    Measure Measure,
    BaseRay BaseRay,
    TurnDirection Opening,
    AngleNames Names
) : InstrumentItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Range("measure", Measure.Degrees, 10, 170, Unit.Degrees);
        errors.Within("baseRay", BaseRay);
        errors.Known("opening", Opening);
        errors.Within("names", Names);
    }
}

/// <summary>What was drawn by eye, and what it measures.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Dots">Dots, at most 50.</param>
/// <param name="Reading">What the student's own drawing measures, in degrees.</param>
/// <param name="Arc">A point in the opening that was marked with an arc, or null.</param>
/// <param name="Placement">Not used: nothing is laid on while drawing.</param>
/// <param name="ReadingPlacement">How the instrument lay at the reading, or null.</param>
public sealed record DrawByEyeResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<Point> Dots,
    double Reading,
    Point? Arc = null,
    Placement? Placement = null,
    Placement? ReadingPlacement = null
) : DrawnResponse(Strokes, Dots, Arc, Placement)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        errors.Within("readingPlacement", ReadingPlacement);
    }
}
