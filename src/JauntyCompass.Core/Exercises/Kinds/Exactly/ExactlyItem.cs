using System.Globalization;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Exactly;

/// <summary>Several angles, one of which is exactly so large: picked by eye first, then found by measuring.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Asked">The measure that is looked for, in degrees.</param>
/// <param name="Angles">The angles A, B, C …; 3 or 4, one of them of the measure asked for.</param>
public sealed record ExactlyItem(
    Message Prompt,
    Protractor Instrument,
    Measure Asked,
    IReadOnlyList<Angle> Angles
) : InstrumentItem(Prompt, Instrument)
{
    /// <summary>Letter of an angle, from its place.</summary>
    internal static string LetterOf(int index) =>
        ((char)('A' + index)).ToString(CultureInfo.InvariantCulture);

    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Range("asked", Asked.Degrees, 1, 180, Unit.Degrees);
        errors.Each("angles", Angles, 3, 4);
        if (errors.None && Angles.Count(a => a.Measure == Asked) != 1)
        {
            errors.Add("angles", Text.Validation.Item.ExactlyOne);
        }
    }
}

/// <summary>Which one it looked like, and which one it is.</summary>
/// <param name="ByEye">Letter picked by eye.</param>
/// <param name="Found">Letter found by measuring.</param>
public sealed record ExactlyResponse(string ByEye, string Found) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        errors.Text("byEye", ByEye, 1, 1);
        errors.Text("found", Found, 1, 1);
    }
}
