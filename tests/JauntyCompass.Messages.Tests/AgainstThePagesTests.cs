using System.Diagnostics;
using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Messages.Tests;

/// <summary>
/// The reader and the writer held against intl-messageformat, with which the pages fill in the same catalogues: thousands of patterns made
/// at random, in languages whose catalogues are here, and numbers in languages whose plurals are harder. What one refuses the other refuses.
/// </summary>
public class AgainstThePagesTests
{
    private const int Count = 6000;

    private static string Folder([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "web"));

    private static JsonArray ByThePages(JsonArray cases)
    {
        var start = new ProcessStartInfo("node", [Path.Combine(Folder(), "scripts", "fill-in.mjs")])
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            WorkingDirectory = Folder(),
        };
        using Process process = Process.Start(start)!;
        Task<string> written = process.StandardOutput.ReadToEndAsync();
        process.StandardInput.Write(cases.ToJsonString());
        process.StandardInput.Close();
        string text = written.GetAwaiter().GetResult();
        process.WaitForExit();
        process.ExitCode.ShouldBe(0);
        return JsonNode.Parse(text)!.AsArray();
    }

    private static string? Why(string pattern)
    {
        try
        {
            MessagePattern.Parse(pattern);
            return null;
        }
        catch (MessageSyntaxException wrong)
        {
            return $"refused at {wrong.Position}: {wrong.Message[^40..]}";
        }
    }

    private static string? Here(string language, string pattern, Dictionary<string, object> values)
    {
        try
        {
            return MessageWriter.Write(
                MessagePattern.Parse(pattern),
                RulesOf(language),
                values.GetValueOrDefault
            );
        }
        catch (Exception wrong) when (wrong is MessageSyntaxException or ArgumentException)
        {
            return null;
        }
    }

    // The rules of the Unicode Common Locale Data Repository for languages that nobody has written yet; from memory, held against the
    // browser's engine below.
    private static readonly Dictionary<string, Dictionary<string, string>> Harder = new()
    {
        ["pl"] = new()
        {
            ["plural.one"] = "i = 1 and v = 0",
            ["plural.few"] = "v = 0 and i % 10 = 2..4 and i % 100 != 12..14",
            ["plural.many"] =
                "v = 0 and i != 1 and i % 10 = 0..1 or v = 0 and i % 10 = 5..9 or v = 0 and i % 100 = 12..14",
            ["decimal"] = ",",
            ["group"] = "\u00a0",
            ["grouped-from"] = "5",
        },
        ["ar"] = new()
        {
            ["plural.zero"] = "n = 0",
            ["plural.one"] = "n = 1",
            ["plural.two"] = "n = 2",
            ["plural.few"] = "n % 100 = 3..10",
            ["plural.many"] = "n % 100 = 11..99",
        },
    };

    private static readonly Dictionary<string, LanguageRules> Known = [];

    private static LanguageRules RulesOf(string language)
    {
        if (!Known.TryGetValue(language, out LanguageRules? rules))
        {
            string file = Path.Combine(Folder(), "..", "locales", language, "language.json");
            Dictionary<string, string> about = Harder.TryGetValue(language, out var harder)
                ? harder
                : JsonSerializer.Deserialize<Dictionary<string, string>>(File.ReadAllText(file))!;
            Known[language] = rules = new LanguageRules(language, about);
        }
        return rules;
    }

    [Theory]
    [InlineData("pl")]
    [InlineData("ar")]
    public void Plurals_of_a_language_are_those_that_its_catalogue_gives(string language)
    {
        const string Pattern =
            "{n, plural, zero {zero} one {one} two {two} few {few} many {many} other {other}}";
        double[] numbers =
        [
            .. Enumerable.Range(0, 250).Select(n => (double)n),
            0.5,
            1.5,
            2.25,
            11.1,
        ];
        var cases = new JsonArray([
            .. numbers.Select(n => new JsonObject
            {
                ["language"] = language,
                ["pattern"] = Pattern,
                ["values"] = new JsonObject { ["n"] = n },
            }),
        ]);
        ByThePages(cases)
            .Select(text => text!.GetValue<string>())
            .ShouldBe(numbers.Select(n => Here(language, Pattern, new() { ["n"] = n })!));
    }

    [Theory]
    [InlineData("n")]
    [InlineData("x = 1")]
    [InlineData("n = 1 and")]
    [InlineData("n % 0x1 = 1")]
    public void What_is_no_plural_rule_is_refused(string rule) =>
        Should.Throw<FormatException>(() => PluralRule.Parse(rule));

    [Theory]
    [InlineData("en")]
    [InlineData("es")]
    public void Thousands_of_patterns_come_out_alike(string language)
    {
        var patterns = new Patterns(seed: 41);
        var cases = new JsonArray();
        var here = new List<(string Pattern, string Values, string? Text)>();
        for (int i = 0; i < Count; i++)
        {
            string pattern = patterns.Next();
            Dictionary<string, object> values = patterns.Values();
            here.Add((pattern, JsonSerializer.Serialize(values), Here(language, pattern, values)));
            cases.Add(
                new JsonObject
                {
                    ["language"] = language,
                    ["pattern"] = pattern,
                    ["values"] = JsonSerializer.SerializeToNode(values),
                }
            );
        }
        JsonArray there = ByThePages(cases);
        there.Count.ShouldBe(Count);
        here.Count(h => h.Text is not null).ShouldBeGreaterThan(Count / 2);
        for (int i = 0; i < Count; i++)
        {
            string? theirs = there[i]?.GetValue<string>();
            theirs.ShouldBe(
                here[i].Text,
                $"{language}: “{here[i].Pattern}” {here[i].Values} {Why(here[i].Pattern)}"
            );
        }
    }
}
