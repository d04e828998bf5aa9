using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.FindMistake;

/// <summary>Another student's wrong work: the instrument as it was laid, the number that was written.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument.</param>
/// <param name="Angle">The angle.</param>
/// <param name="Names">Letters at its points.</param>
/// <param name="Placement">How the instrument was laid.</param>
/// <param name="Written">What was written, in degrees.</param>
/// <param name="Mistake">Key of the mistake that was made.</param>
/// <param name="Offered">Keys of the mistakes to choose from, the one that was made among them.</param>
public sealed record FindMistakeItem(
    Message Prompt,
    Protractor Instrument,
    Angle Angle,
    AngleNames Names,
    Placement Placement,
    double Written,
    string Mistake,
    IReadOnlyList<string> Offered
) : InstrumentItem(Prompt, Instrument)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("angle", Angle);
        errors.Range("angle.measure", Angle.Measure.Degrees, 0.1, 180, Unit.Degrees);
        errors.Within("names", Names);
        errors.Within("placement", Placement);
        errors.Range("written", Written, 0, 360, Unit.Degrees);
        if (!errors.Count("offered", Offered, 2, 6))
        {
            return;
        }
        for (int i = 0; i < Offered.Count; i++)
        {
            if (MistakeCatalogue.Find(Offered[i]) is null)
            {
                errors.Add(
                    $"offered[{i}]",
                    Text.Validation.OneOf(
                        string.Join(", ", MistakeCatalogue.All.Select(m => m.Key))
                    )
                );
            }
        }
        if (!Offered.Contains(Mistake))
        {
            errors.Add("mistake", Text.Validation.Item.Offered);
        }
    }
}

/// <summary>What went wrong, and what is right.</summary>
/// <param name="Found">Key of the mistake that the student names.</param>
/// <param name="Reading">The right reading, in degrees.</param>
/// <param name="Placement">How the student laid the instrument, or null when that is not known.</param>
public sealed record FindMistakeResponse(string Found, double Reading, Placement? Placement = null)
    : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        if (MistakeCatalogue.Find(Found) is null)
        {
            errors.Add("found", Text.Validation.Item.Offered);
        }
        errors.Range("reading", Reading, 0, 360, Unit.Degrees);
        errors.Within("placement", Placement);
    }
}
