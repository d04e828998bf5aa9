using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.BothArms;

/// <summary>An angle to be measured twice, once from each arm.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Angle">The angle, more than 0° and up to 180°.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record BothArmsItem(
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

/// <summary>Two readings of one angle.</summary>
/// <param name="First">Reading with zero on the first arm, in degrees.</param>
/// <param name="Second">Reading with zero on the other arm, in degrees.</param>
/// <param name="Agree">Whether the student says that both agree: <c>yes</c> or <c>no</c>.</param>
/// <param name="FirstPlacement">How the instrument lay at the first reading, or null when that is not known.</param>
/// <param name="SecondPlacement">How it lay at the second.</param>
public sealed record BothArmsResponse(
    double First,
    double Second,
    string Agree,
    Placement? FirstPlacement = null,
    Placement? SecondPlacement = null
) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("first", First, 0, 360, Unit.Degrees);
        errors.Range("second", Second, 0, 360, Unit.Degrees);
        if (Agree is not ("yes" or "no"))
        {
            errors.Add("agree", Text.Validation.YesOrNo);
        }
        errors.Within("firstPlacement", FirstPlacement);
        errors.Within("secondPlacement", SecondPlacement);
    }
}
