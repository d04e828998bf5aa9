using System.Text.Json;
using System.Text.Json.Serialization;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Angles;

/// <summary>Writes a <see cref="Measure"/> as a plain number of degrees and reads it back, refusing what is out of range.</summary>
public sealed class MeasureJsonConverter : JsonConverter<Measure>
{
    /// <inheritdoc/>
    public override Measure Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    )
    {
        double degrees = DegreesJson.Number(ref reader, 0, 360);
        return degrees is >= 0 and <= 360
            ? new Measure(degrees)
            : throw new OutOfRangeJsonException(0, 360);
    }

    /// <inheritdoc/>
    public override void Write(
        Utf8JsonWriter writer,
        Measure value,
        JsonSerializerOptions options
    ) => writer.WriteNumberValue(value.Degrees);
}

/// <summary>Writes a <see cref="Direction"/> as a plain number of degrees and reads it back, reduced to [0, 360).</summary>
public sealed class DirectionJsonConverter : JsonConverter<Direction>
{
    /// <summary>Farther round than this nobody turns on purpose; it also keeps all precision.</summary>
    private const double Farthest = 36_000;

    /// <inheritdoc/>
    public override Direction Read(
        ref Utf8JsonReader reader,
        Type typeToConvert,
        JsonSerializerOptions options
    )
    {
        double degrees = DegreesJson.Number(ref reader, -Farthest, Farthest);
        return Math.Abs(degrees) <= Farthest
            ? new Direction(degrees)
            : throw new OutOfRangeJsonException(-Farthest, Farthest);
    }

    /// <inheritdoc/>
    public override void Write(
        Utf8JsonWriter writer,
        Direction value,
        JsonSerializerOptions options
    ) => writer.WriteNumberValue(value.Degrees);
}

/// <summary>A number in JSON that is none, or outside its range.</summary>
/// <param name="least">The least number of degrees that is allowed.</param>
/// <param name="most">The most.</param>
public sealed class OutOfRangeJsonException(double least, double most)
    : JsonException($"A number of degrees must be from {least} to {most}.")
{
    /// <summary>What is allowed.</summary>
    public Message Allowed { get; } = Text.Validation.Range(Unit.Degrees, least, most);
}

internal static class DegreesJson
{
    internal static double Number(ref Utf8JsonReader reader, double least, double most) =>
        reader.TokenType == JsonTokenType.Number && reader.TryGetDouble(out double number)
            ? number
            : throw new OutOfRangeJsonException(least, most);
}
