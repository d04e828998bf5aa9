using System.Text.Json;
using System.Text.Json.Serialization;

namespace JauntyCompass.Locales;

/// <summary>Writes and reads a message: its id and, where it has any, its arguments.</summary>
internal sealed class MessageJson : JsonConverter<Message>
{
    // Deeper than this no message holds another.
    private const int Deepest = 8;

    public override void Write(Utf8JsonWriter writer, Message value, JsonSerializerOptions options)
    {
        WriteWhole(writer, value);
    }

    private static void WriteWhole(Utf8JsonWriter writer, Message value)
    {
        writer.WriteStartObject();
        WriteProperties(writer, value);
        writer.WriteEndObject();
    }

    internal static void WriteProperties(Utf8JsonWriter writer, Message value)
    {
        writer.WriteString("id"u8, value.Id);
        bool any = false;
        foreach ((string name, object argument) in value.Arguments)
        {
            if (!any)
            {
                writer.WriteStartObject("arguments"u8);
                any = true;
            }
            writer.WritePropertyName(name);
            WriteValue(writer, argument);
        }
        if (any)
        {
            writer.WriteEndObject();
        }
    }

    private static void WriteValue(Utf8JsonWriter writer, object value)
    {
        switch (value)
        {
            case double number:
                writer.WriteNumberValue(number);
                break;
            case Message message:
                WriteWhole(writer, message);
                break;
            case IReadOnlyList<Message> list:
                writer.WriteStartArray();
                foreach (Message each in list)
                {
                    WriteWhole(writer, each);
                }
                writer.WriteEndArray();
                break;
            default:
                writer.WriteStringValue((string)value);
                break;
        }
    }

    public override Message Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    )
    {
        using var document = JsonDocument.ParseValue(ref reader);
        return Read(document.RootElement, depth: 0);
    }

    private static Message Read(JsonElement element, int depth)
    {
        if (
            depth > Deepest
            || element.ValueKind != JsonValueKind.Object
            || !element.TryGetProperty("id", out JsonElement id)
            || id.ValueKind != JsonValueKind.String
        )
        {
            throw new JsonException("A message must be an object with an id.");
        }
        (string, object)[] arguments =
            element.TryGetProperty("arguments", out JsonElement given)
            && given.ValueKind == JsonValueKind.Object
                ? [.. given.EnumerateObject().Select(a => (a.Name, ReadValue(a.Value, depth + 1)))]
                : [];
        return new Message(id.GetString()!, arguments);
    }

    private static object ReadValue(JsonElement value, int depth) =>
        value.ValueKind switch
        {
            JsonValueKind.Number => value.GetDouble(),
            JsonValueKind.String => value.GetString()!,
            JsonValueKind.Object => Read(value, depth),
            JsonValueKind.Array => value.EnumerateArray().Select(e => Read(e, depth)).ToArray(),
            _ => throw new JsonException(
                "An argument must be a number, a text, a message or a list of messages."
            ),
        };
}
