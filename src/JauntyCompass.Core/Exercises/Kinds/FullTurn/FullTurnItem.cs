using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking.Steps;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.FullTurn;

/// <summary>A turn with an arrow, to be read on a full circle.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument, a full circle.</param>
/// <param name="Angle">The turn from the start arm to the end arm, more than 0° and less than 360°.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record FullTurnItem(
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
        errors.Range("angle.measure", Angle.Measure.Degrees, 0.1, 359.9, Unit.Degrees);
        errors.Within("names", Names);
        if (Instrument is { Shape: not ProtractorShape.FullCircle })
        {
            errors.Add("instrument", Text.Validation.Item.FullCircle);
        }
    }
}

/// <summary>The turn that a student read.</summary>
/// <param name="Reading">Degrees, 0 to 360, as written.</param>
/// <param name="Placement">How the instrument lay, or null when that is not known.</param>
/// <param name="KindSaid">The kind that was said beforehand, or null.</param>
/// <param name="Estimate">What was guessed before, in degrees, 0 to 360; null where no estimate was asked for.</param>
public sealed record FullTurnResponse(
    double Reading,
    Placement? Placement = null,
    AngleKind? KindSaid = null,
    double? Estimate = null
) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        errors.Within("placement", Placement);
        SaidFirst.Validate(errors, KindSaid, Estimate);
    }
}
