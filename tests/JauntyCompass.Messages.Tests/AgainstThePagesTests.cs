using System.Diagnostics;
using System.Runtime.CompilerServices;
using System.Text.Json;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Messages.Tests;

/// <summary>
/// The reader and the writer held against intl-messageformat, with which the pages fill in the same catalogues: thousands of patterns made
/// at random, in every language whose rules are known here. What one refuses the other refuses.
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
                LanguageRules.Of(language),
                values.GetValueOrDefault
            );
        }
        catch (Exception wrong) when (wrong is MessageSyntaxException or ArgumentException)
        {
            return null;
        }
    }

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
