using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using Shouldly;
using Xunit;

namespace JauntyCompass.Core.Tests.Architecture;

public class DocumentationTests
{
    public static TheoryData<string> Kinds => [.. ExerciseKinds.All.Select(k => k.Key)];

    [Theory]
    [MemberData(nameof(Kinds))]
    public void Every_kind_has_a_page_that_names_its_mistakes(string key)
    {
        string page = File.ReadAllText(Path.Combine(Docs(), "kinds", key + ".md"));
        ExerciseKind kind = ExerciseKinds.Find(key)!;
        page.ShouldStartWith($"# {kind.Title.Said()}");
        foreach (Mistake mistake in kind.Mistakes)
        {
            page.ShouldContain($"| `{mistake.Key}` | {mistake.Name.Said()} |");
        }
        File.ReadAllText(Path.Combine(Docs(), "kinds", "README.md")).ShouldContain($"({key}.md)");
    }

    private static string Docs()
    {
        DirectoryInfo? folder = new(AppContext.BaseDirectory);
        while (
            folder is not null && !File.Exists(Path.Combine(folder.FullName, "JauntyCompass.slnx"))
        )
        {
            folder = folder.Parent;
        }
        return Path.Combine(folder!.FullName, "docs");
    }
}
