using JauntyCompass.Core.Validation;

namespace JauntyCompass.Server.Features.PuttingAway;

/// <summary>A change of a thing's name, or whether it is put away; what is left out stays as it is.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Archived">Whether it is put away.</param>
public sealed record ThingChange(string? Name = null, bool? Archived = null) : IValidatable
{
    /// <summary>The longest name anything may have; what has shorter ones says so itself.</summary>
    public const int LongestName = 120;

    public void Validate(ValidationErrors errors)
    {
        if (Name is not null)
        {
            errors.Text("name", Name, 1, LongestName);
        }
    }
}
