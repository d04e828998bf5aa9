using System.Collections.Frozen;
using System.Reflection;
using System.Text.Json;
using JauntyCompass.Messages;

namespace JauntyCompass.Locales;

/// <summary>A language in which everything can be said: its messages, its words, its way with numbers.</summary>
public sealed class Language
{
    private static readonly Assembly Here = typeof(Language).Assembly;

    private readonly FrozenDictionary<string, MessagePattern> _messages;
    private readonly Language? _from;

    private Language(string tag, Language? from)
    {
        Tag = tag;
        _from = from;
        Dictionary<string, string> about = Json<Dictionary<string, string>>($"{tag}/language.json");
        Rules = from is null ? new LanguageRules(tag, about) : from.Rules;
        Name = about["name"];
        Words = Json<Dictionary<string, Dictionary<string, Dictionary<string, string>>>>(
            $"{tag}/words.json"
        );
        _messages = Files(tag)
            .SelectMany(file =>
                Json<Dictionary<string, string>>(file)
                    .Select(m =>
                        (
                            Id: $"{Path.GetFileNameWithoutExtension(file)}.{m.Key}",
                            Pattern: MessagePattern.Parse(m.Value)
                        )
                    )
            )
            .ToFrozenDictionary(m => m.Id, m => m.Pattern);
    }

    /// <summary>All languages, the usual one first.</summary>
    public static IReadOnlyList<Language> All { get; } = ReadAll();

    /// <summary>Their tags.</summary>
    public static IEnumerable<string> Tags => All.Select(l => l.Tag);

    /// <summary>British English, in which every message is first written.</summary>
    public static Language Usual => All[0];

    /// <summary>Its tag, such as <c>en-US</c>.</summary>
    public string Tag { get; }

    /// <summary>What its speakers call it.</summary>
    public string Name { get; }

    /// <summary>What it does with numbers.</summary>
    public LanguageRules Rules { get; }

    /// <summary>
    /// The words of which a class chooses, by what they are for; each choice with the forms in which it comes. The first is the usual one.
    /// </summary>
    public IReadOnlyDictionary<
        string,
        Dictionary<string, Dictionary<string, string>>
    > Words { get; }

    /// <summary>The language of a tag; null where there is none.</summary>
    public static Language? Find(string? tag) =>
        All.FirstOrDefault(l => string.Equals(l.Tag, tag, StringComparison.OrdinalIgnoreCase));

    /// <summary>
    /// The first of several wishes that can be met: by the very language, or by one that is spoken in the same way. Null where none can.
    /// </summary>
    /// <param name="tags">Tags such as <c>es-MX</c>, the dearest first.</param>
    public static Language? Best(IEnumerable<string?> tags) =>
        tags.Select(tag => Find(tag) ?? Find(tag?.Split('-')[0]))
            .FirstOrDefault(l => l is not null);

    /// <summary>Whether the words of one are words of the other: British and American English are one language, spelled in two ways.</summary>
    /// <param name="other">The other language.</param>
    public bool IsSpokenAs(Language other) => Root == other.Root;

    private Language Root => _from?.Root ?? this;

    /// <summary>
    /// What is wrong with a message that came from outside; null where nothing is: there is one with its id, and
    /// it has the arguments that this one takes, each of its type.
    /// </summary>
    public static Message? ProblemOf(Message? message) =>
        message is null ? Text.Validation.Missing
        : !Usual._messages.TryGetValue(message.Id, out MessagePattern? pattern)
            ? Text.Validation.MessageId
        : message.ProblemOfArguments([
            .. pattern.Arguments().Select(a => a.Name).Where(ArgumentTypes.ByName.ContainsKey),
        ]);

    /// <summary>The pattern of a message.</summary>
    /// <exception cref="KeyNotFoundException">There is no such message.</exception>
    internal MessagePattern Pattern(string id) =>
        _messages.TryGetValue(id, out MessagePattern? own) ? own
        : _from is not null ? _from.Pattern(id)
        : throw new KeyNotFoundException($"There is no message “{id}”.");

    private static IReadOnlyList<Language> ReadAll()
    {
        Dictionary<string, string?> tags = Here.GetManifestResourceNames()
            .Where(r => r.EndsWith("/language.json", StringComparison.Ordinal))
            .Select(r => r.Split('/')[0])
            .ToDictionary(
                tag => tag,
                tag =>
                    Json<Dictionary<string, string>>($"{tag}/language.json")
                        .GetValueOrDefault("from")
            );
        var read = new Dictionary<string, Language>();
        Language Of(string tag) =>
            read.TryGetValue(tag, out Language? there)
                ? there
                : read[tag] = new Language(tag, tags[tag] is string from ? Of(from) : null);
        return
        [
            .. tags
                .Keys.OrderBy(tag => tag != "en")
                .ThenBy(tag => tag, StringComparer.Ordinal)
                .Select(Of),
        ];
    }

    private static IEnumerable<string> Files(string tag) =>
        Here.GetManifestResourceNames()
            .Where(r =>
                r.StartsWith(tag + "/", StringComparison.Ordinal)
                && !r.EndsWith("/language.json", StringComparison.Ordinal)
                && !r.EndsWith("/words.json", StringComparison.Ordinal)
            );

    private static T Json<T>(string resource)
    {
        using Stream stream = Here.GetManifestResourceStream(resource)!;
        return JsonSerializer.Deserialize<T>(stream)!;
    }
}
