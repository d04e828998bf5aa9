using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Shouldly;
using Xunit;

namespace JauntyCompass.Locales.Tests;

/// <summary>What a teacher or a student reads stands in the catalogues and nowhere in the code.</summary>
public partial class NothingIsSaidElsewhereTests
{
    // What nobody in a classroom reads.
    private static readonly string[] ForOthers =
    [
        // For whoever runs the server, at its console.
        "/Commands/",
        "/StorageSetup.cs",
        // For whoever writes catalogues and builds.
        "/JauntyCompass.Locales.Generator/",
        "/JauntyCompass.Messages/",
        // The descriptions of the interface and of the files, for programmers.
        "/OpenApiSetup.cs",
        "/Schemas.cs",
        "/Migrations/",
        // Made-up names and titles.
        "/DemoData.cs",
        "/JauntyCompass.SimulatedClass/",
    ];

    private static string Sources([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "src"));

    [Fact]
    public void No_sentence_stands_in_the_code()
    {
        string[] files =
        [
            .. Directory
                .EnumerateFiles(Sources(), "*.cs", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/obj/", StringComparison.Ordinal))
                .Where(f => !ForOthers.Any(each => f.Contains(each, StringComparison.Ordinal))),
        ];
        files.Length.ShouldBeGreaterThan(400);
        files
            .SelectMany(f =>
                SentencesIn(File.ReadAllText(f)).Select(s => $"{Path.GetFileName(f)}: {s}")
            )
            .ShouldBeEmpty();
    }

    [Fact]
    public void A_sentence_is_found_wherever_it_is_put()
    {
        const string Code = """
            // A comment says what it likes.
            var one = "Measure the angle.";
            var two = $"Write {count} numbers";
            throw new InvalidOperationException("Nobody reads this one.");
            group.MapGet("/x").WithSummary("This describes the interface.").WithExample(new Title("Harbour angles"));
            var three = "Then hand in (now)" + Key("not-this");
            """;
        SentencesIn(Code)
            .ShouldBe(["Measure the angle.", "Write {count} numbers", "Then hand in (now)"]);
    }

    private static IEnumerable<string> SentencesIn(string code)
    {
        string bare = Comments().Replace(code, "");
        foreach (Match literal in Literals().Matches(bare))
        {
            string text = literal.Groups[1].Value;
            // From the beginning of its statement: what is done with it.
            int from = bare.LastIndexOf(';', literal.Index) + 1;
            if (Sentence().IsMatch(text) && !NotForReaders().IsMatch(bare[from..literal.Index]))
            {
                yield return text;
            }
        }
    }

    [GeneratedRegex(@"^\s*//.*$", RegexOptions.Multiline)]
    private static partial Regex Comments();

    [GeneratedRegex(@"(?<![\\""'])""((?:[^""\\\r\n]|\\.)*)""")]
    private static partial Regex Literals();

    // A capital and another word, or words and a full stop; what is no document, query or header.
    [GeneratedRegex(
        @"^(?!SELECT |CN=|[\w-]+: )(?:[A-Z][a-z]+,? [\w{(]|[^<>=]*[a-z] [a-z][^<>=]*[.!?]$)"
    )]
    private static partial Regex Sentence();

    [GeneratedRegex(
        @"Exception\(|With(?:Summary|Description|Example|Tags)\(|Log\w*\(|Message\s*=|Regex\("
    )]
    private static partial Regex NotForReaders();
}
