using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Ranges;

/// <summary>Two positions of something that moves, both measured from the same ray; the range is what lies between.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="First">The first position, from the base ray; up to 180°.</param>
/// <param name="Second">The second position, from the same ray.</param>
/// <param name="Names">Letters: vertex, base ray, first position.</param>
/// <param name="SecondLetter">Letter at the second position.</param>
public sealed record RangeItem(
    Message Prompt,
    Protractor Instrument,
    Angle First,
    Angle Second,
    AngleNames Names,
    string SecondLetter
) : InstrumentItem(Prompt, Instrument)
{
    /// <summary>How far it moves, in degrees.</summary>
    internal double Truth => Math.Abs(Second.Measure.Degrees - First.Measure.Degrees);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("first", First);
        errors.Within("second", Second);
        errors.Range("first.measure", First.Measure.Degrees, 0.1, 180, Unit.Degrees);
        errors.Range("second.measure", Second.Measure.Degrees, 0.1, 180, Unit.Degrees);
        errors.Within("names", Names);
        errors.Text("secondLetter", SecondLetter, 1, 3);
    }
}

/// <summary>Both positions and the range.</summary>
/// <param name="First">First reading, in degrees.</param>
/// <param name="Second">Second reading, in degrees.</param>
/// <param name="Answer">The range, in degrees.</param>
/// <param name="FirstPlacement">How the instrument lay at the first reading, or null.</param>
/// <param name="SecondPlacement">How it lay at the second.</param>
public sealed record RangeResponse(
    double First,
    double Second,
    double Answer,
    Placement? FirstPlacement = null,
    Placement? SecondPlacement = null
) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Range("first", First, 0, 360, Unit.Degrees);
        errors.Range("second", Second, 0, 360, Unit.Degrees);
        errors.Range("answer", Answer, 0, 720, Unit.Degrees);
        errors.Within("firstPlacement", FirstPlacement);
        errors.Within("secondPlacement", SecondPlacement);
    }
}
