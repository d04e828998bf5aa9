using System.Text.Json;
using System.Text.Json.Serialization;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Locales;

namespace JauntyCompass.Server.Api.Saying;

/// <summary>
/// How a message is written in a reply: its id, its arguments, and beside them its text as <see cref="Speaker"/> says it. What comes in
/// is read without the text.
/// </summary>
/// <param name="accessor">Knows the request that is answered.</param>
public sealed class SpokenMessageJson(IHttpContextAccessor accessor) : JsonConverter<Message>
{
    /// <inheritdoc/>
    public override Message? Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    ) => JsonSerializer.Deserialize<Message>(ref reader, ExerciseJson.Options);

    /// <inheritdoc/>
    public override void Write(Utf8JsonWriter writer, Message value, JsonSerializerOptions options)
    {
        writer.WriteStartObject();
        value.WriteProperties(writer);
        writer.WriteString(
            "text"u8,
            accessor.HttpContext!.RequestServices.GetRequiredService<Speaker>().Phrasing.Say(value)
        );
        writer.WriteEndObject();
    }
}
