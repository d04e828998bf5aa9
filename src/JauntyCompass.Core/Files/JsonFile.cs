using System.Globalization;
using System.Text;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Files;

/// <summary>
/// Reads and writes the product's files: JSON with a format name, a version and data. A file that is not whole is refused with
/// the line on which it is wrong; nothing of it is taken over.
/// </summary>
public static partial class JsonFile
{
    private static readonly JsonSerializerOptions Indented = new(ExerciseJson.Options)
    {
        WriteIndented = true,
        NewLine = "\n",
    };

    /// <summary>Writes a file.</summary>
    public static string Write<T>(T file) => JsonSerializer.Serialize(file, Indented);

    /// <summary>Requires the name and the version of a format.</summary>
    internal static void CheckFormat(
        ValidationErrors errors,
        (string Name, int Version) must,
        string format,
        int version
    )
    {
        if (format != must.Name)
        {
            errors.Add("format", Text.Validation.File.Format(must.Name));
        }
        if (version != must.Version)
        {
            errors.Add("version", Text.Validation.File.Version(must.Version));
        }
    }

    /// <summary>
    /// Reads a file. What is wrong is named by its field, such as <c>text.specification.tilt</c>, and told with its line, counted from 1.
    /// </summary>
    /// <typeparam name="T">What the file is.</typeparam>
    /// <param name="text">Its text.</param>
    /// <param name="longest">The longest text that is read, in characters.</param>
    /// <param name="errors">What is wrong; empty when a file is returned.</param>
    public static T? Read<T>(string text, int longest, ValidationErrors errors)
        where T : class, IValidatable
    {
        if (text.Length > longest)
        {
            errors.Add("text", Text.Validation.TooLong(longest));
            return null;
        }
        T? file;
        try
        {
            file = JsonSerializer.Deserialize<T>(Newest<T>(text), ExerciseJson.Options);
        }
        catch (JsonException broken)
        {
            string line = Line((broken.LineNumber ?? 0) + 1);
            errors.Add(
                broken.Path is { Length: > 2 } path ? InText(path[2..]) : "text",
                Text.Validation.File.AtLine(Plain(broken), line)
            );
            return null;
        }
        if (file is null)
        {
            errors.Add(
                "text",
                Text.Validation.File.AtLine(Text.Validation.File.NotAnObject, Line(1))
            );
            return null;
        }
        var inside = ValidationErrors.Of(file);
        if (inside.None)
        {
            return file;
        }
        Dictionary<string, long> lines = LinesOf(text);
        foreach (ValidationError fault in inside.Found)
        {
            errors.Add(
                InText(fault.Field),
                Text.Validation.File.AtLine(fault.Message, Line(LineOf(fault.Field, lines)))
            );
        }
        return null;
    }

    // Files that carry items or marks are read in every form in which they were ever written.
    private static string Newest<T>(string text)
    {
        const int Head = 400;
        if (
            (typeof(T) != typeof(SetFile) && typeof(T) != typeof(AnswersFile))
            || OlderVersion().Match(text, 0, Math.Min(Head, text.Length))
                is not { Success: true } older
            || int.Parse(older.Groups[1].Value, CultureInfo.InvariantCulture) is var version
                && version >= OlderForms.Newest
            || JsonNode.Parse(text) is not JsonObject file
        )
        {
            return text;
        }
        OlderForms.Upgrade(file, version);
        file["version"] = OlderForms.Newest;
        return file.ToJsonString();
    }

    [GeneratedRegex("\"version\"\\s*:\\s*([1-9])\\s*,")]
    private static partial Regex OlderVersion();

    private static Message Plain(JsonException broken) =>
        broken is OutOfRangeJsonException outside ? outside.Allowed
        : broken.Message.Contains("missing required", StringComparison.Ordinal)
            ? Text.Validation.Missing
        : broken.Message.Contains("type discriminator", StringComparison.Ordinal)
            ? Text.Validation.UnknownKind
        : broken.Message.Contains("could not be converted", StringComparison.Ordinal)
            ? Text.Validation.WrongType
        : Text.Validation.File.CutOff;

    private static string InText(string field) => $"text.{field}";

    private static string Line(long number) => number.ToString(CultureInfo.InvariantCulture);

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
        long line = 1;
        int counted = 0;
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
            line += bytes.AsSpan(counted, (int)reader.TokenStartIndex - counted).Count((byte)'\n');
            counted = (int)reader.TokenStartIndex;
            lines.TryAdd(here, line);
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
}
