using System.Runtime.CompilerServices;
using System.Text.RegularExpressions;
using Shouldly;
using Xunit;

namespace JauntyCompass.Locales.Tests;

/// <summary>What nobody says any more has no place in the catalogues.</summary>
public partial class EveryMessageIsSaidTests
{
    // For files that people write by hand.
    private const string FromOutside = "Text.Kinds.OwnPrompt";

    // Pages put the name of a field after this.
    private const string NamesOfFields = "Text.Shared.Fields.";

    private static string Folder(string name, [CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", name));

    private static IEnumerable<string> Files(string folder, string pattern) =>
        Directory
            .EnumerateFiles(Folder(folder), pattern, SearchOption.AllDirectories)
            .Where(f =>
                !f.Contains("/obj/", StringComparison.Ordinal)
                && !f.Contains(".generated.", StringComparison.Ordinal)
            );

    [Fact]
    public void Every_message_is_said_somewhere()
    {
        var said = new HashSet<string>();
        var fields = new HashSet<string>();
        foreach (string file in Files("src", "*.cs"))
        {
            string text = Space().Replace(File.ReadAllText(file), "");
            fields.UnionWith(
                Fields()
                    .Matches(text)
                    .Select(m =>
                        Capital(m.Groups[1].Success ? m.Groups[1].Value : m.Groups[2].Value)
                    )
            );
            said.UnionWith(Said().Matches(text).Select(m => m.Value));
        }
        foreach (string file in Files("web/src", "*.svelte").Concat(Files("web/src", "*.ts")))
        {
            said.UnionWith(
                SaidByPages().Matches(File.ReadAllText(file)).Select(m => PathOf(m.Groups[1].Value))
            );
        }
        string[] all = [.. Paths(typeof(Text), "Text")];
        all.Length.ShouldBeGreaterThan(400);
        all.Where(path =>
                path != FromOutside
                && !said.Contains(path)
                && !(
                    path.StartsWith(NamesOfFields, StringComparison.Ordinal)
                    && fields.Contains(path[NamesOfFields.Length..])
                )
            )
            .ShouldBeEmpty();
    }

    private static IEnumerable<string> Paths(Type type, string path) =>
        type.GetNestedTypes()
            .SelectMany(nested => Paths(nested, $"{path}.{nested.Name}"))
            .Concat(type.GetProperties().Select(p => $"{path}.{p.Name}"))
            .Concat(
                type.GetMethods()
                    .Where(m => m.IsStatic && !m.IsSpecialName)
                    .Select(m => $"{path}.{m.Name}")
            );

    private static string Capital(string word) => char.ToUpperInvariant(word[0]) + word[1..];

    // The last part of the name of a field that something is said about.
    [GeneratedRegex(@"errors\.\w+\(\$?""(?:[^""]*\.)?(\w+)""|Invalid\(\$?""(?:[^""]*\.)?(\w+)""")]
    private static partial Regex Fields();

    // As the typed messages are named: desk.sign-in.title is Text.Desk.SignIn.Title.
    private static string PathOf(string id) =>
        "Text."
        + string.Join(
            '.',
            id.Split('.').Select(word => string.Concat(word.Split('-').Select(Capital)))
        );

    [GeneratedRegex(@"['""]([a-z]+(?:\.[a-z0-9]+(?:-[a-z0-9]+)*)+)['""]")]
    private static partial Regex SaidByPages();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Space();

    [GeneratedRegex(@"Text(\.[A-Z]\w*)+")]
    private static partial Regex Said();
}
