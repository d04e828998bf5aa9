using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Estimating;

/// <summary>An angle to be held against a benchmark, then shown with a fan, then measured.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Angle">The angle, more than 0° and up to 180°.</param>
/// <param name="Names">Letters at its points.</param>
public sealed record EstimateItem(
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
        errors.Range("angle.measure", Angle.Measure.Degrees, 1, 180, Unit.Degrees);
        errors.Within("names", Names);
    }
}

/// <summary>Benchmark, estimate and reading.</summary>
/// <param name="Nearest">The nearest benchmark, in degrees: 45, 90, 135 or 180.</param>
/// <param name="Fan">How far the fan was opened, in degrees.</param>
/// <param name="Reading">The reading afterwards, in degrees.</param>
/// <param name="Placement">How the instrument lay, or null when that is not known.</param>
public sealed record EstimateResponse(
    string Nearest,
    double Fan,
    double Reading,
    Placement? Placement = null
) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.OneOf(
            "nearest",
            Nearest,
            EstimateKind.Benchmarks.Select(b => b.ToString(CultureInfo.InvariantCulture))
        );
        errors.Range("fan", Fan, 0, 360, Unit.Degrees);
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        errors.Within("placement", Placement);
    }
}
