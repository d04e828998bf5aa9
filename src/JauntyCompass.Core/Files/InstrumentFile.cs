using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Core.Files;

/// <summary>
/// An instrument as a file: JSON with a format name, a version and the instrument's data. A file that is not whole is refused
/// with the line on which it is wrong.
/// </summary>
/// <param name="Format">Always <c>jaunty-instrument</c>.</param>
/// <param name="Version">1.</param>
/// <param name="Instrument">The instrument.</param>
public sealed record InstrumentFile(string Format, int Version, Protractor Instrument)
    : IValidatable
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "jaunty-instrument";

    /// <summary>The version that this code reads and writes.</summary>
    public const int CurrentVersion = 1;

    /// <summary>The longest file that is read, in characters.</summary>
    public const int LongestText = 100_000;

    /// <inheritdoc/>
    public void Validate(ValidationErrors errors)
    {
        JsonFile.CheckFormat(errors, (FormatName, CurrentVersion), Format, Version);
        errors.Within("instrument", Instrument);
    }

    /// <summary>Writes an instrument.</summary>
    public static string Write(Protractor instrument) =>
        JsonFile.Write(new InstrumentFile(FormatName, CurrentVersion, instrument));

    /// <summary>Reads an instrument. ValidationErrors name the line, counted from 1.</summary>
    /// <param name="text">The text of the file.</param>
    /// <param name="errors">What is wrong; empty when an instrument is returned.</param>
    public static Protractor? Read(string text, ValidationErrors errors) =>
        JsonFile.Read<InstrumentFile>(text, LongestText, errors)?.Instrument;
}
