using System.Globalization;
using System.Text.Json;
using JauntyCompass.Core.Exercises;

namespace JauntyCompass.Server.Storage;

/// <summary>
/// How something is written into a JSON column: with the number of the form in which it is written, so that every later version knows
/// what it reads. What older forms have to become is done here, when they are read; 1 is the first.
/// </summary>
public static class StoredJson
{
    /// <summary>Number of the form that is written.</summary>
    public const int Version = 1;

    private const string Begins = "{\"version\":";

    private sealed record Form<T>(int Version, T Content);

    /// <summary>Writes something.</summary>
    public static string Write<T>(T content) =>
        string.Create(
            CultureInfo.InvariantCulture,
            $"{Begins}{Version},\"content\":{JsonSerializer.Serialize(content, ExerciseJson.Options)}}}"
        );

    /// <summary>Reads something, in whichever form it was written.</summary>
    /// <exception cref="InvalidDataException">A later version of the application wrote it.</exception>
    public static T Read<T>(string text)
    {
        Form<T> stored = JsonSerializer.Deserialize<Form<T>>(text, ExerciseJson.Options)!;
        return stored.Version <= Version
            ? stored.Content
            : throw new InvalidDataException(
                $"This was stored in form {stored.Version}, which a later version of the application writes; this one knows forms up to {Version}. Install the later version."
            );
    }
}
