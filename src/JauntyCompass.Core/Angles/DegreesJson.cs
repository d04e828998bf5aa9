using System.Text.Json;
using System.Text.Json.Serialization;

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
        double degrees = DegreesJson.Number(ref reader, "must be a number from 0 to 360 degrees.");
        return degrees is >= 0 and <= 360
            ? new Measure(degrees)
            : throw new JsonException("must be a number from 0 to 360 degrees.");
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
        const string Allowed = "must be a number from -36000 to 36000 degrees.";
        double degrees = DegreesJson.Number(ref reader, Allowed);
        return Math.Abs(degrees) <= Farthest
            ? new Direction(degrees)
            : throw new JsonException(Allowed);
    }

    /// <inheritdoc/>
    public override void Write(
        Utf8JsonWriter writer,
        Direction value,
        JsonSerializerOptions options
    ) => writer.WriteNumberValue(value.Degrees);
}

internal static class DegreesJson
{
    internal static double Number(ref Utf8JsonReader reader, string allowed) =>
        reader.TokenType == JsonTokenType.Number && reader.TryGetDouble(out double number)
            ? number
            : throw new JsonException(allowed);
}
