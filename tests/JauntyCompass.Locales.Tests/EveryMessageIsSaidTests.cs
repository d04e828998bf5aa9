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

    private static string Sources([CallerFilePath] string here = "") =>
        Path.GetFullPath(Path.Combine(Path.GetDirectoryName(here)!, "..", "..", "src"));

    [Fact]
    public void Every_message_is_said_somewhere()
    {
        var said = new HashSet<string>();
        foreach (
            string file in Directory
                .EnumerateFiles(Sources(), "*.cs", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/obj/", StringComparison.Ordinal))
        )
        {
            string text = Space().Replace(File.ReadAllText(file), "");
            said.UnionWith(Said().Matches(text).Select(m => m.Value));
        }
        string[] all = [.. Paths(typeof(Text), "Text")];
        all.Length.ShouldBeGreaterThan(400);
        all.Where(path => path != FromOutside && !said.Contains(path)).ShouldBeEmpty();
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

    [GeneratedRegex(@"\s+")]
    private static partial Regex Space();

    [GeneratedRegex(@"\bText(\.[A-Z]\w*)+")]
    private static partial Regex Said();
}
