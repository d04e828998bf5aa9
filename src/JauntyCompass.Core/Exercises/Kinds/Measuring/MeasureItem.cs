using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Measuring;

/// <summary>An angle on the sheet; the student lays the instrument on and writes the reading.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Angle">The angle, more than 0° and up to 180°.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record MeasureItem(
    Message Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names
) : InstrumentItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range("angle.measure", Angle.Measure.Degrees, 0.1, 180, Unit.Degrees);
        errors.Within("names", Names);
    }
}

/// <summary>The reading that a student writes.</summary>
/// <param name="Reading">Degrees, 0 to 360, as written.</param>
/// <param name="KindSaid">The kind that was said beforehand, or null.</param>
/// <param name="Placement">How the instrument lay when it was read, or null when that is not known.</param>
/// <param name="Estimate">What was guessed before, in degrees, 0 to 360; null where no estimate was asked for.</param>
public sealed record MeasureResponse(
    double Reading,
    AngleKind? KindSaid = null,
    Placement? Placement = null,
    double? Estimate = null
) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        SaidFirst.Validate(errors, KindSaid, Estimate);
        errors.Within("placement", Placement);
    }
}
