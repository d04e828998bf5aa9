using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Exercises.Generation;

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
) : IChecked
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
    public void Check(Faults faults)
    {
        JsonFile.CheckFormat(faults, (FormatName, CurrentVersion), Format, Version);
        faults.Text("title", Title, 1, 120);
        faults.Within("specification", Specification);
    }
}
