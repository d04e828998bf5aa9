using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Reflex;

/// <summary>A reflex angle to be measured with a half circle: a part is read, the rest is computed.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument, a half circle.</param>
/// <param name="Angle">The angle, more than 180° and less than 360°.</param>
/// <param name="Names">Letters at its points.</param>
/// <param name="Method">Take from 360 or add to 180; the others are no methods of a half circle.</param>
public sealed record ReflexItem(
    Message Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names,
    ReflexMethod Method
) : InstrumentItem(Prompt, Instrument)
{
    /// <summary>The part that is read: the smaller angle, or what is beyond the straight line.</summary>
    internal Angle Part => PartFor(Method);

    /// <summary>The part that is read where the angle is found in some way.</summary>
    internal Angle PartFor(ReflexMethod method) =>
        method == ReflexMethod.AddTo180
            ? Angle with
            {
                Start = Angle.Start.Opposite,
                Measure = new Measure(Angle.Measure.Degrees - 180),
            }
            : Angle.Smaller;

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range("angle.measure", Angle.Measure.Degrees, 180.1, 359.9, Unit.Degrees);
        errors.Within("names", Names);
        if (Instrument is { Shape: not ProtractorShape.HalfCircle })
        {
            errors.Add("instrument", Text.Validation.Item.HalfCircle);
        }
        if (Method is not (ReflexMethod.From360 or ReflexMethod.AddTo180))
        {
            errors.Add("method", Text.Validation.OneOf("from360, addTo180"));
        }
    }
}

/// <summary>What was read, and what came out.</summary>
/// <param name="Part">The part that was read, in degrees.</param>
/// <param name="Answer">The reflex angle, in degrees.</param>
/// <param name="Placement">How the instrument lay, or null when that is not known.</param>
public sealed record ReflexResponse(double Part, double Answer, Placement? Placement = null)
    : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("part", Part, 0, 360, Unit.Degrees);
        errors.Range("answer", Answer, 0, 720, Unit.Degrees);
        errors.Within("placement", Placement);
    }
}
