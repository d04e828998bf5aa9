using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Kinds.Measuring;
using JauntyCompass.Core.Marking;
using JauntyCompass.Locales;
using JauntyCompass.Server.Storage;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>What is kept as JSON carries the number of its form, and is read in every form that there has been.</summary>
public class StoredJsonTests
{
    private static readonly Response Handed = new MeasureResponse(64, AngleKind.Acute);

    [Fact]
    public void It_is_written_with_its_number_and_read_again()
    {
        string written = StoredJson.Write(Handed);
        written.ShouldStartWith("{\"version\":2,\"content\":{\"kind\":\"measure\"");
        StoredJson.Read<Response>(written).ShouldBe(Handed);
    }

    [Fact]
    public void The_order_in_which_a_database_writes_it_does_not_matter()
    {
        string content = StoredJson.Write(Handed)["{\"version\":2,\"content\":".Length..^1];
        StoredJson.Read<Response>($"{{\"content\": {content}, \"version\": 2}}").ShouldBe(Handed);
    }

    [Fact]
    public void What_a_later_version_wrote_is_not_guessed_at()
    {
        string later = StoredJson
            .Write(Handed)
            .Replace("\"version\":2", "\"version\":3", StringComparison.Ordinal);
        Should
            .Throw<InvalidDataException>(() => StoredJson.Read<Response>(later))
            .Message.ShouldContain("Install the later version");
    }

    // A mark of the first form, whose words were texts in the language and the words of the day.
    [Fact]
    public void Words_of_the_first_form_are_kept_as_they_were_written()
    {
        const string First = """
            {"version": 1, "content": {"markerVersion": 9, "verdict": "notYet", "tolerance": 2, "value": 116, "error": 52, "parts": null,
            "causes": [{"mistake": "other-scale", "name": "read the other scale", "likelihood": 0.9, "evidence": "degrees"},
            {"mistake": "not-explained", "name": "not explained: look at the work", "likelihood": 0.1, "evidence": "degrees"}],
            "likelyCause": "other-scale", "feedback": {"praise": null, "happened": "You read the other scale.", "next": ""},
            "picture": {"thread": null, "rings": [], "lines": [], "note": {"text": "here", "at": {"x": 1, "y": 2}}},
            "steps": [{"step": "reading", "title": "Reading", "verdict": "notYet", "credit": 0, "weight": 1}], "credit": 0}}
            """;
        Mark mark = StoredJson.Read<Mark>(First);
        mark.Feedback.ShouldBe(
            new Feedback(null, Text.Units.AsWritten("You read the other scale."))
        );
        mark.Causes.Select(c => c.Name)
            .ShouldBe([Text.Mistakes.OtherScale.Name, Text.Mistakes.NotExplained.Unknown]);
        mark.Picture!.Note!.Text.ShouldBe(Text.Units.AsWritten("here"));
        mark.Steps!.Single().Title.ShouldBe(Text.Units.AsWritten("Reading"));
        StoredJson.Read<Mark>(StoredJson.Write(mark)).Feedback.ShouldBe(mark.Feedback);
    }
}
