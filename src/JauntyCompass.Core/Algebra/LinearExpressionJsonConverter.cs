using System.Text.Json;
using System.Text.Json.Serialization;

namespace JauntyCompass.Core.Algebra;

/// <summary>In JSON an expression stands as it is written: <c>"3x + 2"</c>.</summary>
public sealed class LinearExpressionJsonConverter : JsonConverter<LinearExpression>
{
    /// <inheritdoc/>
    public override LinearExpression Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    ) =>
        reader.TokenType == JsonTokenType.String
        && AlgebraReader.Expression(reader.GetString()!) is { IsRead: true } parsed
            ? parsed.Value.Value
            : throw new JsonException();

    /// <inheritdoc/>
    public override void Write(
        Utf8JsonWriter writer,
        LinearExpression value,
        JsonSerializerOptions options
    ) => writer.WriteStringValue(value.ToString());
}
