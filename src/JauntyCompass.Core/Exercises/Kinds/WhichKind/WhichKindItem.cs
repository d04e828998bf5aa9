using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.WhichKind;

/// <summary>An angle whose kind is to be said by eye.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Angle">The angle, more than 0° and less than 360°; a right one carries its box.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record WhichKindItem(Message Prompt, Angle Angle, AngleNames Names) : Item(Prompt)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range("angle.measure", Angle.Measure.Degrees, 1, 359, Unit.Degrees);
        errors.Within("names", Names);
    }
}

/// <summary>The kind that a student says.</summary>
/// <param name="Said">The kind.</param>
public sealed record WhichKindResponse(AngleKind Said) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors) => errors.Known("said", Said);
}
