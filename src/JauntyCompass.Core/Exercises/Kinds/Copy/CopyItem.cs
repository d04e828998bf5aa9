using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Exercises.Constructing;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Copy;

/// <summary>An angle to be copied onto a ray with compass and straightedge.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument for the check.</param>
/// <param name="Angle">The angle.</param>
/// <param name="Names">Letters at its points.</param>
/// <param name="BaseRay">The ray that the copy shall have for its start arm.</param>
/// <param name="Opening">Which way round from it the copy shall open.</param>
/// <param name="CopyNames">Letters at the points of the copy.</param>
public sealed record CopyItem(
    Message Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names,
    BaseRay BaseRay,
    TurnDirection Opening,
    AngleNames CopyNames
) : ConstructionItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    internal override ConstructionAim Aim => ConstructionAim.Copying(Angle, BaseRay, Opening);

    /// <inheritdoc/>
    internal override Figure? Figure => new("angle", Angle) { Names = Names };

    /// <inheritdoc/>
    internal override DrawingTask? OnRay => new(BaseRay, Opening, CopyNames);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range("measure", Angle.Measure.Degrees, 10, 170, Unit.Degrees);
        errors.Within("names", Names);
        errors.Within("baseRay", BaseRay);
        errors.Known("opening", Opening);
        errors.Within("copyNames", CopyNames);
    }
}

/// <summary>How an angle was copied.</summary>
/// <param name="Strokes">Pencil strokes as they were made, at most 50.</param>
/// <param name="Arcs">Arcs of the compass, at most 30.</param>
/// <param name="Reading">What the copy measures, in degrees.</param>
/// <param name="ReadingPlacement">How the instrument lay at the reading, or null.</param>
public sealed record CopyResponse(
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<CompassStroke> Arcs,
    double Reading,
    Placement? ReadingPlacement = null
) : ConstructionResponse(Strokes, Arcs, Reading, ReadingPlacement);
