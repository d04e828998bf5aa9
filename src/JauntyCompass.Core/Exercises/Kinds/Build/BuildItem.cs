using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Build;

/// <summary>An angle of a named measure to be built on a ray with compass and straightedge.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument for the check.</param>
/// <param name="Measure">The measure: a multiple of 15°.</param>
/// <param name="BaseRay">The ray.</param>
/// <param name="Opening">Which way round from it.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record BuildItem(
    Message Prompt,
    Protractor Instrument,
    Measure Measure,
    BaseRay BaseRay,
    TurnDirection Opening,
    AngleNames Names
) : ConstructionItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    internal override ConstructionAim Aim =>
        ConstructionAim.Building(BaseRay, Opening, Measure.Degrees);

    /// <inheritdoc/>
    internal override Figure? Figure => null;

    /// <inheritdoc/>
    internal override DrawingTask? OnRay => new(BaseRay, Opening, Names);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Range("measure", Measure.Degrees, 15, 165, Unit.Degrees);
        if (Measure.Degrees % StepsOf15.Step != 0)
        {
            errors.Add("measure", Text.Validation.Item.StepsOf15);
        }
        errors.Within("baseRay", BaseRay);
        errors.Known("opening", Opening);
        errors.Within("names", Names);
    }
}

/// <summary>How an angle was built.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Arcs">Arcs of the compass, at most 30.</param>
/// <param name="Reading">What it measures, in degrees.</param>
/// <param name="ReadingPlacement">How the instrument lay at the reading, or null.</param>
public sealed record BuildResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<CompassStroke> Arcs,
    double Reading,
    Placement? ReadingPlacement = null
) : ConstructionResponse(Strokes, Arcs, Reading, ReadingPlacement);
