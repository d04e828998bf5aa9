using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Exercises;

/// <summary>
/// One exercise as it is set. It carries all that is needed to show and to mark it, its instrument included, so that a set
/// once given never changes. Written as JSON its <c>kind</c> tells which kind of exercise it is.
/// </summary>
/// <param name="Prompt">What the student is asked.</param>
public abstract record Item(Message Prompt) : IValidatable
{
    /// <summary>Requires a prompt; kinds add their own.</summary>
    public virtual void Validate(ValidationErrors errors) => errors.Said("prompt", Prompt);
}

/// <summary>An exercise done with an instrument.</summary>
/// <param name="Prompt">What the student is asked.</param>
/// <param name="Instrument">The instrument it is done with.</param>
public abstract record InstrumentItem(Message Prompt, Protractor Instrument) : Item(Prompt)
{
    /// <summary>Requires an instrument that can exist; kinds add their own.</summary>
    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        errors.Within("instrument", Instrument);
    }
}

/// <summary>What a student hands in. Written as JSON its <c>kind</c> tells which kind of exercise it answers.</summary>
public abstract record Response : IValidatable
{
    /// <summary>Requires what the kind requires.</summary>
    public abstract void Validate(ValidationErrors errors);
}
