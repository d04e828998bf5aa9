using System.Text.RegularExpressions;
using JauntyCompass.Messages;

namespace JauntyCompass.Locales.Generator;

/// <summary>Whether the catalogues fit together: every message in every language, every argument with one type everywhere.</summary>
internal static partial class CatalogueChecks
{
    /// <summary>Types of arguments.</summary>
    internal static readonly string[] Types =
    [
        "number",
        "degrees",
        "millimetres",
        "text",
        "choice",
        "message",
        "list",
    ];

    // Whom something is told: filled in wherever text is made.
    private const string Audience = "audience";

    private static readonly string[] Categories = ["zero", "one", "two", "few", "many", "other"];

    internal static void Check(CatalogueFiles catalogues, Problems problems)
    {
        string file = Path.Combine(
            Path.GetDirectoryName(catalogues.First.Folder)!,
            "arguments.json"
        );
        foreach ((string name, string type) in catalogues.Arguments)
        {
            if (!Types.Contains(type))
            {
                problems.Add(
                    file,
                    name,
                    $"“{type}” is no type of argument; there are: {string.Join(", ", Types)}."
                );
            }
            if (!ArgumentName().IsMatch(name))
            {
                problems.Add(file, name, $"“{name}” must be in camel case.");
            }
        }
        foreach (LanguageFiles language in catalogues.Languages)
        {
            CheckWords(language, catalogues.First, problems);
            foreach (WrittenMessage message in language.Messages.Values)
            {
                CheckArguments(message, language, catalogues, problems);
            }
            CheckComplete(language, catalogues, problems);
        }
        foreach (string unused in catalogues.Arguments.Keys.Except(Used(catalogues)))
        {
            problems.Add(file, unused, $"no message uses “{unused}”.");
        }
    }

    /// <summary>The arguments with which a message is used, by name: those that no word of the class fills in.</summary>
    internal static IEnumerable<string> ArgumentsOf(
        WrittenMessage message,
        LanguageFiles language
    ) =>
        message
            .Pattern.Arguments()
            .Select(a => a.Name)
            .Where(name => !IsForm(name, language))
            .Distinct();

    private static IEnumerable<string> Used(CatalogueFiles catalogues) =>
        catalogues.First.Messages.Values.SelectMany(m => ArgumentsOf(m, catalogues.First));

    // A form may begin with a capital letter: then what it stands for does.
    private static bool IsForm(string name, LanguageFiles language) =>
        name == Audience || language.Forms.Contains(char.ToLowerInvariant(name[0]) + name[1..]);

    private static void CheckArguments(
        WrittenMessage message,
        LanguageFiles language,
        CatalogueFiles catalogues,
        Problems problems
    )
    {
        if (!MessageKey().IsMatch(message.Key))
        {
            problems.Add(
                message.File,
                message.Key,
                $"“{message.Key}” must be words of small letters with hyphens, and points between."
            );
        }
        foreach ((string name, MessagePart use) in message.Pattern.Arguments())
        {
            if (
                use is PluralPart plural
                && plural.Cases.Keys.FirstOrDefault(c => !Categories.Contains(c)) is string none
            )
            {
                problems.Add(message.File, message.Key, $"“{none}” is no category of numbers.");
            }
            if (IsForm(name, language))
            {
                continue;
            }
            if (!catalogues.Arguments.TryGetValue(name, out string? type))
            {
                problems.Add(
                    message.File,
                    message.Key,
                    $"“{name}” is no argument of arguments.json and no form of a word in words.json."
                );
                continue;
            }
            bool fits = use switch
            {
                NumberPart or PluralPart => type == "number",
                SelectPart => type == "choice",
                _ => type is not "choice",
            };
            if (!fits)
            {
                problems.Add(
                    message.File,
                    message.Key,
                    $"“{name}” is of type {type} and cannot be used like this."
                );
            }
        }
    }

    private static void CheckComplete(
        LanguageFiles language,
        CatalogueFiles catalogues,
        Problems problems
    )
    {
        LanguageFiles first = catalogues.First;
        foreach (WrittenMessage message in language.Messages.Values)
        {
            if (!first.Messages.TryGetValue(message.Id, out WrittenMessage? source))
            {
                problems.Add(
                    message.File,
                    message.Key,
                    $"“{message.Id}” is not among the messages of “{first.Tag}”."
                );
                continue;
            }
            string[] wanted = [.. ArgumentsOf(source, first).Order(StringComparer.Ordinal)];
            string[] found = [.. ArgumentsOf(message, language).Order(StringComparer.Ordinal)];
            if (!wanted.SequenceEqual(found))
            {
                problems.Add(
                    message.File,
                    message.Key,
                    $"“{message.Id}” must use the arguments {Named(wanted)}; it uses {Named(found)}."
                );
            }
        }
        if (language.From is null)
        {
            foreach (string missing in first.Messages.Keys.Except(language.Messages.Keys))
            {
                problems.Add(
                    Path.Combine(language.Folder, $"{missing.Split('.')[0]}.json"),
                    null,
                    $"“{missing}” is missing in “{language.Tag}”."
                );
            }
        }
        else if (catalogues.Languages.All(l => l.Tag != language.From))
        {
            problems.Add(
                Path.Combine(language.Folder, "language.json"),
                "from",
                $"there is no language “{language.From}”."
            );
        }
    }

    private static void CheckWords(LanguageFiles language, LanguageFiles first, Problems problems)
    {
        string file = Path.Combine(language.Folder, "words.json");
        if (!language.Words.Keys.Order().SequenceEqual(first.Words.Keys.Order()))
        {
            problems.Add(
                file,
                null,
                $"the words must be those of “{first.Tag}”: {string.Join(", ", first.Words.Keys)}."
            );
        }
        foreach ((string field, var choices) in language.Words)
        {
            string[]? forms = null;
            foreach ((string choice, var own) in choices)
            {
                string[] names = [.. own.Keys.Order(StringComparer.Ordinal)];
                forms ??= names;
                if (!forms.SequenceEqual(names))
                {
                    problems.Add(
                        file,
                        choice,
                        $"all choices of “{field}” must have the same forms."
                    );
                }
            }
        }
    }

    private static string Named(string[] names) =>
        names.Length == 0 ? "none" : string.Join(", ", names);

    [GeneratedRegex("^[a-z][A-Za-z0-9]*$")]
    private static partial Regex ArgumentName();

    [GeneratedRegex(@"^[a-z0-9]+(-[a-z0-9]+)*(\.[a-z0-9]+(-[a-z0-9]+)*)*$")]
    private static partial Regex MessageKey();
}
