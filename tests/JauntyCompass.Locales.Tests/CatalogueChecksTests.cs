using System.Diagnostics;
using Shouldly;
using Xunit;

namespace JauntyCompass.Locales.Tests;

/// <summary>Catalogues that do not fit together do not build, and the build says where and why.</summary>
public sealed class CatalogueChecksTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("locales").FullName;

    public CatalogueChecksTests()
    {
        Write("arguments.json", """{ "sides": "number", "who": "text", "kind": "choice" }""");
        foreach (string tag in new[] { "en", "es" })
        {
            Write($"{tag}/language.json", $$"""{ "name": "{{tag}}" }""");
            Write($"{tag}/words.json", """{ "arm": { "arm": { "theArm": "the arm" } } }""");
            Write(
                $"{tag}/said.json",
                """
                {
                  "count": "{sides, plural, one {# side} other {# sides}} of {theArm}",
                  "who": "{who} said {kind, select, acute {acute} other {something else}}"
                }
                """
            );
        }
    }

    public void Dispose() => Directory.Delete(_folder, recursive: true);

    private void Write(string file, string text)
    {
        string path = Path.Combine(_folder, file);
        Directory.CreateDirectory(Path.GetDirectoryName(path)!);
        File.WriteAllText(path, text);
    }

    private (int Code, string Output, string Code2) Generated()
    {
        string output = Path.Combine(_folder, "Text.g.cs");
        var start = new ProcessStartInfo(
            "dotnet",
            [
                "exec",
                Path.Combine(AppContext.BaseDirectory, "JauntyCompass.Locales.Generator.dll"),
                _folder,
                output,
            ]
        )
        {
            RedirectStandardOutput = true,
        };
        using Process process = Process.Start(start)!;
        string said = process.StandardOutput.ReadToEnd();
        process.WaitForExit();
        return (process.ExitCode, said, File.Exists(output) ? File.ReadAllText(output) : "");
    }

    [Fact]
    public void What_fits_becomes_methods_with_the_arguments_of_each_message()
    {
        (int code, string output, string text) = Generated();
        code.ShouldBe(0, output);
        text.ShouldContain("public static Message Count(double @sides)");
        text.ShouldContain("public static Message Who(string @who, System.Enum @kind)");
    }

    [Theory]
    [InlineData(
        "es/said.json",
        """{ "count": "{sides, number}" }""",
        "“said.who” is missing in “es”"
    )]
    [InlineData(
        "es/said.json",
        """{ "count": "{sides, number}", "who": "{who}" }""",
        "must use the arguments kind, who; it uses who"
    )]
    [InlineData(
        "es/said.json",
        """{ "count": "{sides, number}", "who": "{who} {kind, select, other {x}}", "more": "x" }""",
        "“said.more” is not among the messages of “en”"
    )]
    [InlineData(
        "en/said.json",
        """{ "count": "{sides, plural, one {x}}", "who": "{who} {kind, select, other {x}}" }""",
        "there must be a case “other”"
    )]
    [InlineData(
        "en/said.json",
        """{ "count": "{sides}", "who": "{who, number} {kind, select, other {x}}" }""",
        "“who” is of type text and cannot be used like this"
    )]
    [InlineData(
        "en/said.json",
        """{ "count": "{sides} {corners}", "who": "{who} {kind, select, other {x}}" }""",
        "“corners” is no argument of arguments.json and no form of a word"
    )]
    [InlineData("en/said.json", """{ "count": "a", "count": "b" }""", "count")]
    [InlineData(
        "arguments.json",
        """{ "sides": "number", "who": "name", "kind": "choice" }""",
        "“name” is no type of argument"
    )]
    [InlineData(
        "arguments.json",
        """{ "sides": "number", "who": "text", "kind": "choice", "more": "text" }""",
        "no message uses “more”"
    )]
    [InlineData(
        "es/words.json",
        """{ "ray": { "ray": { "theArm": "x" } } }""",
        "the words must be those"
    )]
    public void What_does_not_fit_is_refused_with_its_place(
        string file,
        string text,
        string problem
    )
    {
        Write(file, text);
        (int code, string output, _) = Generated();
        code.ShouldBe(1);
        output.ShouldContain(problem);
        output.ShouldContain(file);
        output.ShouldMatch(@"\(\d+\): error LOCALES: ");
    }
}
