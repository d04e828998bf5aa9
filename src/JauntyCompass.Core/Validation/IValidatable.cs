namespace JauntyCompass.Core.Validation;

/// <summary>
/// Data that may come from outside and therefore states its own allowed ranges.
/// The rest of the core takes checked data for granted.
/// </summary>
public interface IValidatable
{
    /// <summary>Reports every value outside its allowed range; reports nothing when all is well.</summary>
    /// <param name="errors">Collects what is wrong, under the path of the value it belongs to.</param>
    void Validate(ValidationErrors errors);
}
