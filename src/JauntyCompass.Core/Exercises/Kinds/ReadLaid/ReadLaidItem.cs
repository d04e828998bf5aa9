using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.ReadLaid;

/// <summary>An angle with the instrument laid on already; the student only reads.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Angle">The angle; on a half circle up to 180°.</param>
/// <param name="Names">Letters at its points.</param>
/// <param name="Placement">How the instrument lies.</param>
public sealed record ReadLaidItem(
    Message Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names,
    Placement Placement
) : InstrumentItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range(
            "angle.measure",
            Angle.Measure.Degrees,
            0.1,
            Instrument?.FullScale ?? 360,
            Unit.Degrees
        );
        errors.Within("names", Names);
        errors.Within("placement", Placement);
        if (errors.None && LaidAngle.Of(Angle, Instrument!, Placement).CarefulReading is null)
        {
            errors.Add("placement", Text.Validation.Item.ShowsNothing);
        }
    }
}

/// <summary>The reading that a student writes.</summary>
/// <param name="Reading">Degrees, 0 to 360, as written.</param>
/// <param name="KindSaid">The kind that was said beforehand, or null.</param>
/// <param name="Estimate">What was guessed before, in degrees, 0 to 360; null where no estimate was asked for.</param>
public sealed record ReadLaidResponse(
    double Reading,
    AngleKind? KindSaid = null,
    double? Estimate = null
) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        SaidFirst.Validate(errors, KindSaid, Estimate);
    }
}
