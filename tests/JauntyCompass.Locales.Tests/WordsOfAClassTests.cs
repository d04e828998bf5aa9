using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.RegularExpressions;
using JauntyCompass.Messages;
using Shouldly;
using Xunit;

namespace JauntyCompass.Locales.Tests;

/// <summary>
/// What a class has a word of its own for is said by that word everywhere: the usual word is not written out in any message.
/// </summary>
public class WordsOfAClassTests
{
    // Words that always mean what a class may call otherwise. "Lado", "regla" and "centro" mean other things too.
    private static readonly Dictionary<string, string> UsualWords = new()
    {
        ["en"] =
            @"\b(arms?|straightedge|cent(re|er) mark|zero line|(anti|counter)clockwise|(inner|outer) scale)\b",
        ["en-US"] =
            @"\b(arms?|straightedge|cent(re|er) mark|zero line|(anti|counter)clockwise|(inner|outer) scale)\b",
        ["es"] = @"\b(línea de (cero|base)|antihorario|escala (interior|exterior))\b",
    };

    private const string Word = "\u25c6";

    // The arm of an instrument or of a person, and what is asked or said where no class is chosen yet.
    private static readonly string[] OtherMeanings =
    [
        "demonstrations.by-touch.",
        "demonstrations.draw-by-touch.",
        "demonstrations.why.arm-needs-room",
        "demonstrations.problem.needs-locking-arm",
        "demonstrations.labels.turn-the-arm",
        "desk.describe.turning-arm",
        "door.claim",
        "mistakes.added-for-taken.remedy",
        "sets.report.for-the-board",
        "shared.rules.words.",
        "shared.fields.",
        "validation.set.for-the-desk",
    ];

    public static TheoryData<string> Tags => [.. Language.Tags];

    [Theory]
    [MemberData(nameof(Tags))]
    public void A_class_hears_its_own_words_in_every_message(string tag)
    {
        var usual = new Regex(UsualWords[tag], RegexOptions.IgnoreCase);
        Dictionary<string, string> texts = TextsOf(tag);
        texts.ShouldNotBeEmpty();
        texts
            .Where(m => !OtherMeanings.Any(id => m.Key.StartsWith(id, StringComparison.Ordinal)))
            .Where(m => usual.IsMatch(m.Value))
            .Select(m => $"{m.Key}: {m.Value}")
            .ShouldBeEmpty();
    }

    [Fact]
    public void An_article_comes_with_its_word() =>
        // "An ray": whether it is a or an depends on the word of the class.
        TextsOf("en")
            .Where(m => Regex.IsMatch(m.Value, $@"\ban? {Word}", RegexOptions.IgnoreCase))
            .Select(m => $"{m.Key}: {m.Value}")
            .ShouldBeEmpty();

    /// <summary>What stands in the messages of a language, with a sign in place of each word of a class.</summary>
    private static Dictionary<string, string> TextsOf(
        string tag,
        [CallerFilePath] string here = ""
    ) =>
        Directory
            .EnumerateFiles(
                Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "locales", tag),
                "*.json"
            )
            .Where(file => Path.GetFileName(file) is not ("words.json" or "language.json"))
            .SelectMany(file =>
                JsonSerializer
                    .Deserialize<Dictionary<string, string>>(File.ReadAllText(file))!
                    .Select(m =>
                        (
                            Id: $"{Path.GetFileNameWithoutExtension(file)}.{m.Key}",
                            Text: TextOf(MessagePattern.Parse(m.Value).Parts)
                        )
                    )
            )
            .ToDictionary(m => m.Id, m => m.Text);

    private static string TextOf(IEnumerable<MessagePart> parts) =>
        string.Concat(
            parts.Select(part =>
                part switch
                {
                    Literal literal => literal.Text,
                    ArgumentPart argument when IsWord(argument.Name) => Word,
                    SelectPart select => OneAfterTheOther(select.Cases.Values),
                    PluralPart plural => OneAfterTheOther(
                        plural.Exact.Values.Concat(plural.Cases.Values)
                    ),
                    _ => "",
                }
            )
        );

    private static string OneAfterTheOther(IEnumerable<IReadOnlyList<MessagePart>> cases) =>
        string.Join('\n', cases.Select(TextOf));

    private static bool IsWord(string argument) =>
        Language
            .Usual.Words.Values.SelectMany(choices => choices.Values)
            .Any(forms => forms.ContainsKey(argument));
}
