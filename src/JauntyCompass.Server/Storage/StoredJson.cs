using System.Globalization;
using System.Text.Json;
using JauntyCompass.Core.Exercises;

namespace JauntyCompass.Server.Storage;

/// <summary>
/// How something is written into a JSON column: with the number of the form in which it is written, so that every later version knows
/// what it reads. What older forms have to become is done here, when they are read.
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
        // Before forms had numbers, the content stood there by itself.
        if (!HasNumber(text))
        {
            return JsonSerializer.Deserialize<T>(text, ExerciseJson.Options)!;
        }
        Form<T> stored = JsonSerializer.Deserialize<Form<T>>(text, ExerciseJson.Options)!;
        return stored.Version <= Version
            ? stored.Content
            : throw new InvalidDataException(
                $"This was stored in form {stored.Version}, which a later version of the application writes; this one knows forms up to {Version}. Install the later version."
            );
    }

    // As it is written here; or with other spaces and in another order, by somebody's own hand in the database.
    private static bool HasNumber(string text)
    {
        if (text.StartsWith(Begins, StringComparison.Ordinal))
        {
            return true;
        }
        using var document = JsonDocument.Parse(text);
        return document.RootElement.ValueKind == JsonValueKind.Object
            && document.RootElement.TryGetProperty("version", out _)
            && document.RootElement.TryGetProperty("content", out _);
    }
}
