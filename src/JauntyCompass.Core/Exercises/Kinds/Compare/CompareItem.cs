using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises.Kinds.Compare;

/// <summary>Two angles with unlike arms, of which the larger is to be told by eye.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="First">The angle marked A.</param>
/// <param name="Second">The angle marked B.</param>
public sealed record CompareItem(Message Prompt, Angle First, Angle Second) : Item(Prompt)
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("first", First);
        errors.Within("second", Second);
    }
}

/// <summary>Which is larger.</summary>
/// <param name="Larger"><c>first</c>, <c>second</c> or <c>equal</c>.</param>
public sealed record CompareResponse(string Larger) : Response
{
    /// <inheritdoc/>
    public override void Validate(ValidationErrors errors)
    {
        if (Larger is not ("first" or "second" or "equal"))
        {
            errors.Add("larger", Text.Validation.OneOf("first, second, equal"));
        }
    }
}
