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
        foreach (string file in Files("src", "*.cs"))
        {
            string text = Space().Replace(File.ReadAllText(file), "");
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
                && !path.StartsWith(NamesOfFields, StringComparison.Ordinal)
                && !said.Contains(path)
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

    // As the typed messages are named: desk.sign-in.title is Text.Desk.SignIn.Title.
    private static string PathOf(string id) =>
        "Text."
        + string.Join(
            '.',
            id.Split('.')
                .Select(word =>
                    string.Concat(word.Split('-').Select(w => char.ToUpperInvariant(w[0]) + w[1..]))
                )
        );

    [GeneratedRegex(@"['""]([a-z]+(?:\.[a-z0-9]+(?:-[a-z0-9]+)*)+)['""]")]
    private static partial Regex SaidByPages();

    [GeneratedRegex(@"\s+")]
    private static partial Regex Space();

    [GeneratedRegex(@"Text(\.[A-Z]\w*)+")]
    private static partial Regex Said();
}
