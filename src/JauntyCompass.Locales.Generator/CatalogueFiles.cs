using System.Text.Json;
using JauntyCompass.Messages;

namespace JauntyCompass.Locales.Generator;

/// <summary>A message as it stands in a file.</summary>
/// <param name="Id">Its id: the name of the file and the property, with a point between.</param>
/// <param name="File">The file.</param>
/// <param name="Key">The property.</param>
/// <param name="Pattern">The pattern.</param>
internal sealed record WrittenMessage(string Id, string File, string Key, MessagePattern Pattern);

/// <summary>The files of one language.</summary>
/// <param name="Tag">Tag of the language, such as <c>en</c>.</param>
/// <param name="Folder">Their folder.</param>
/// <param name="From">Tag of the language from which it takes what it does not have; null for one that has everything.</param>
/// <param name="Messages">Its messages, by id.</param>
/// <param name="Words">The words a class may choose: by field, by choice, form by form.</param>
internal sealed record LanguageFiles(
    string Tag,
    string Folder,
    string? From,
    IReadOnlyDictionary<string, WrittenMessage> Messages,
    IReadOnlyDictionary<
        string,
        IReadOnlyDictionary<string, IReadOnlyDictionary<string, string>>
    > Words
)
{
    /// <summary>The arguments that the words of a class fill in.</summary>
    internal HashSet<string> Forms { get; } =
    [.. Words.Values.SelectMany(field => field.Values).SelectMany(forms => forms.Keys)];
}

/// <summary>All catalogues.</summary>
/// <param name="Arguments">The type of every argument, by its name.</param>
/// <param name="Languages">The languages; the first is the one in which messages are first written.</param>
internal sealed record CatalogueFiles(
    IReadOnlyDictionary<string, string> Arguments,
    IReadOnlyList<LanguageFiles> Languages
)
{
    /// <summary>Tag of the language in which messages are first written.</summary>
    internal const string Source = "en";

    private const string OfLanguage = "language.json";
    private const string OfWords = "words.json";

    private static readonly JsonSerializerOptions Strict = new()
    {
        AllowDuplicateProperties = false,
    };

    /// <summary>The language in which messages are first written.</summary>
    internal LanguageFiles First => Languages[0];

    /// <summary>Reads the files of a folder.</summary>
    internal static CatalogueFiles Read(string folder, Problems problems) =>
        new(
            Json<Dictionary<string, string>>(Path.Combine(folder, "arguments.json"), problems),
            [
                .. Directory
                    .GetDirectories(folder)
                    .OrderBy(f => Path.GetFileName(f) != Source)
                    .ThenBy(f => f, StringComparer.Ordinal)
                    .Select(f => ReadLanguage(f, problems)),
            ]
        );

    private static LanguageFiles ReadLanguage(string folder, Problems problems)
    {
        Dictionary<string, string> about = Json<Dictionary<string, string>>(
            Path.Combine(folder, OfLanguage),
            problems
        );
        try
        {
            _ = new LanguageRules(Path.GetFileName(folder), about);
        }
        catch (FormatException wrong)
        {
            problems.Add(Path.Combine(folder, OfLanguage), null, wrong.Message);
        }
        var messages = new Dictionary<string, WrittenMessage>();
        foreach (
            string file in Directory
                .GetFiles(folder, "*.json")
                .Where(f => Path.GetFileName(f) is not (OfLanguage or OfWords))
                .Order(StringComparer.Ordinal)
        )
        {
            string area = Path.GetFileNameWithoutExtension(file);
            foreach ((string key, string text) in Json<Dictionary<string, string>>(file, problems))
            {
                try
                {
                    string id = $"{area}.{key}";
                    messages.Add(id, new WrittenMessage(id, file, key, MessagePattern.Parse(text)));
                }
                catch (MessageSyntaxException wrong)
                {
                    problems.Add(file, key, wrong.Message);
                }
            }
        }
        var words = Json<Dictionary<string, Dictionary<string, Dictionary<string, string>>>>(
            Path.Combine(folder, OfWords),
            problems
        );
        return new LanguageFiles(
            Path.GetFileName(folder),
            folder,
            about.GetValueOrDefault("from"),
            messages,
            words.ToDictionary(
                field => field.Key,
                field =>
                    (IReadOnlyDictionary<string, IReadOnlyDictionary<string, string>>)
                        field.Value.ToDictionary(
                            choice => choice.Key,
                            choice => (IReadOnlyDictionary<string, string>)choice.Value
                        )
            )
        );
    }

    private static T Json<T>(string file, Problems problems)
        where T : new()
    {
        if (!File.Exists(file))
        {
            problems.Add(file, null, "this file is missing.");
            return new T();
        }
        try
        {
            return JsonSerializer.Deserialize<T>(File.ReadAllText(file), Strict) ?? new T();
        }
        catch (JsonException wrong)
        {
            problems.Add(file, null, wrong.Message);
            return new T();
        }
    }
}
