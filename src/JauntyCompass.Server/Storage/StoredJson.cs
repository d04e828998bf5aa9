using System.Globalization;
using System.Text.Json;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Files;

namespace JauntyCompass.Server.Storage;

/// <summary>
/// How something is written into a JSON column: with the number of the form in which it is written, so that every later version knows
/// what it reads. What older forms have to become, <see cref="OlderForms"/> knows.
/// </summary>
public static class StoredJson
{
    private static readonly string Begins = string.Create(
        CultureInfo.InvariantCulture,
        $"{{\"version\":{OlderForms.Newest},\"content\":"
    );

    private sealed record Form<T>(int Version, T Content);

    /// <summary>Writes something.</summary>
    public static string Write<T>(T content) =>
        $"{Begins}{JsonSerializer.Serialize(content, ExerciseJson.Options)}}}";

    /// <summary>Reads something, in whichever form it was written.</summary>
    /// <exception cref="InvalidDataException">A later version of the application wrote it.</exception>
    public static T Read<T>(string text)
    {
        // PostgreSQL writes the shorter of two names first, with a space after the colon.
        using var document = JsonDocument.Parse(text);
        int version = document.RootElement.GetProperty("version").GetInt32();
        if (version == OlderForms.Newest)
        {
            return document
                .RootElement.GetProperty("content")
                .Deserialize<T>(ExerciseJson.Options)!;
        }
        if (version > OlderForms.Newest)
        {
            throw new InvalidDataException(
                $"This was stored in form {version}, which a later version of the application writes; this one knows forms up to {OlderForms.Newest}. Install the later version."
            );
        }
        JsonNode? content = JsonNode.Parse(text)!["content"];
        OlderForms.Upgrade(content, version);
        return content.Deserialize<T>(ExerciseJson.Options)!;
    }
}
