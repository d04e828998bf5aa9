using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Bisect;

/// <summary>An angle to be halved with compass and straightedge.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument for the check.</param>
/// <param name="Angle">The angle.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record BisectItem(
    Message Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names
) : ConstructionItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    internal override ConstructionAim Aim => ConstructionAim.Bisecting(Angle);

    /// <inheritdoc/>
    internal override Figure? Figure => new("angle", Angle) { Names = Names };

    /// <inheritdoc/>
    internal override DrawingTask? OnRay => null;

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range("measure", Angle.Measure.Degrees, 10, 340, Unit.Degrees);
        errors.Within("names", Names);
    }
}

/// <summary>How an angle was halved.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Arcs">Arcs of the compass, at most 30.</param>
/// <param name="Reading">What one of the student's own halves measures, in degrees.</param>
/// <param name="ReadingPlacement">How the instrument lay at the reading, or null.</param>
public sealed record BisectResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<CompassStroke> Arcs,
    double Reading,
    Placement? ReadingPlacement = null
) : ConstructionResponse(Strokes, Arcs, Reading, ReadingPlacement);
