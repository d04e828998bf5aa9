using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Files;

/// <summary>What a teacher wants of a set, as a file.</summary>
/// <param name="Format">Always <c>jaunty-specification</c>.</param>
/// <param name="Version">1.</param>
/// <param name="Title">What the teacher calls it.</param>
/// <param name="Specification">The wishes.</param>
public sealed record SpecificationFile(
    string Format,
    int Version,
    string Title,
    SetSpecification Specification
) : IValidatable
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "jaunty-specification";

    /// <summary>The version that this code reads and writes.</summary>
    public const int CurrentVersion = 1;

    /// <summary>The longest file that is read, in characters.</summary>
    public const int LongestText = 100_000;

    /// <summary>A file of wishes.</summary>
    public static SpecificationFile Of(string title, SetSpecification specification) =>
        new(FormatName, CurrentVersion, title, specification);

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        JsonFile.CheckFormat(errors, (FormatName, CurrentVersion), Format, Version);
        errors.Text("title", Title, 1, 120);
        errors.Within("specification", Specification);
    }
}
