using System.Text;
using System.Text.Json;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Files;

/// <summary>
/// An instrument as a file: JSON with a format name, a version and the instrument's data. A file that is not whole is refused
/// with the line on which it is wrong.
/// </summary>
/// <param name="Format">Always <c>jaunty-instrument</c>.</param>
/// <param name="Version">1.</param>
/// <param name="Instrument">The instrument.</param>
public sealed record InstrumentFile(string Format, int Version, Protractor Instrument) : IChecked
{
    /// <summary>The name of the format.</summary>
    public const string FormatName = "jaunty-instrument";

    /// <summary>The version that this code reads and writes.</summary>
    public const int CurrentVersion = 1;

    /// <summary>The longest file that is read, in characters.</summary>
    public const int LongestText = 100_000;

    private static readonly JsonSerializerOptions Indented = new(ExerciseJson.Options)
    {
        WriteIndented = true,
    };

    /// <inheritdoc/>
    public void Check(Faults faults)
    {
        if (Format != FormatName)
        {
            faults.Add("format", $"must be \"{FormatName}\".");
        }
        if (Version != CurrentVersion)
        {
            faults.Add("version", $"must be {CurrentVersion}; a later version made this file.");
        }
        faults.Within("instrument", Instrument);
    }

    /// <summary>Writes an instrument.</summary>
    public static string Write(Protractor instrument) =>
        JsonSerializer.Serialize(
            new InstrumentFile(FormatName, CurrentVersion, instrument),
            Indented
        );

    /// <summary>Reads an instrument. Faults name the line, counted from 1.</summary>
    /// <param name="text">The text of the file.</param>
    /// <param name="faults">What is wrong; empty when an instrument is returned.</param>
    public static Protractor? Read(string text, Faults faults)
    {
        if (text.Length > LongestText)
        {
            faults.Add("text", $"must have at most {LongestText} characters.");
            return null;
        }
        InstrumentFile? file;
        try
        {
            file = JsonSerializer.Deserialize<InstrumentFile>(text, ExerciseJson.Options);
        }
        catch (JsonException broken)
        {
            string where = broken.Path is { Length: > 2 } path ? $" ({path[2..]})" : "";
            faults.Add("text", $"line {(broken.LineNumber ?? 0) + 1}: {Plain(broken)}{where}");
            return null;
        }
        if (file is null)
        {
            faults.Add("text", "line 1: must be an instrument, not null.");
            return null;
        }
        var inside = Faults.Of(file);
        if (inside.None)
        {
            return file.Instrument;
        }
        Dictionary<string, long> lines = LinesOf(text);
        foreach (Fault fault in inside.Found)
        {
            faults.Add("text", $"line {LineOf(fault.Field, lines)}: {fault.Field} {fault.Message}");
        }
        return null;
    }

    private static string Plain(JsonException broken) =>
        broken.Message.StartsWith("must be", StringComparison.Ordinal) ? broken.Message
        : broken.Message.Contains("missing required", StringComparison.Ordinal)
            ? "a required value is missing"
        : broken.Message.Contains("could not be converted", StringComparison.Ordinal)
            ? "a value of the wrong type or an unknown name"
        : "this is not JSON here; something is cut off or changed";

    // A value that is left out has no line; what it belongs to has one.
    private static long LineOf(string field, Dictionary<string, long> lines)
    {
        for (string path = field; path.Length > 0; path = Parent(path))
        {
            if (lines.TryGetValue(path, out long line))
            {
                return line;
            }
        }
        return 1;
    }

    private static string Parent(string path) =>
        path.LastIndexOfAny(['.', '[']) is >= 0 and int at ? path[..at] : "";

    private static Dictionary<string, long> LinesOf(string text)
    {
        byte[] bytes = Encoding.UTF8.GetBytes(text);
        var reader = new Utf8JsonReader(bytes);
        var lines = new Dictionary<string, long>();
        var path = new Stack<(string Name, int Index)>();
        string property = "";
        while (reader.Read())
        {
            if (reader.TokenType == JsonTokenType.PropertyName)
            {
                property = reader.GetString()!;
                continue;
            }
            if (reader.TokenType is JsonTokenType.EndObject or JsonTokenType.EndArray)
            {
                path.Pop();
                continue;
            }
            string here = Here(path, property);
            lines.TryAdd(here, LineAt(bytes, reader.TokenStartIndex));
            if (reader.TokenType is JsonTokenType.StartObject or JsonTokenType.StartArray)
            {
                path.Push((here, reader.TokenType == JsonTokenType.StartArray ? 0 : -1));
            }
        }
        return lines;
    }

    private static string Here(Stack<(string Name, int Index)> path, string property)
    {
        if (path.Count == 0)
        {
            return "";
        }
        (string name, int index) = path.Pop();
        bool isArray = index >= 0;
        path.Push((name, isArray ? index + 1 : index));
        return isArray ? $"{name}[{index}]"
            : name.Length == 0 ? property
            : $"{name}.{property}";
    }

    private static long LineAt(byte[] bytes, long position)
    {
        long line = 1;
        for (long i = 0; i < position; i++)
        {
            line += bytes[i] == (byte)'\n' ? 1 : 0;
        }
        return line;
    }
}
