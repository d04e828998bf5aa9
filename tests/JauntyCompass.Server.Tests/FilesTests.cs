using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Sets, answers and marks as files; old answers marked again; figures.</summary>
public sealed class FilesTests(JauntyServer server)
{
    [Fact]
    public async Task A_set_written_by_one_teacher_and_read_by_another_is_the_same_set()
    {
        using Lesson lesson = await Lesson.Begin(server, "files-out");
        Reply file = await lesson.Teacher.Get($"sets/{lesson.SetId}/file");
        string text = file.Body!.ToJsonString();
        using Lesson other = await Lesson.Begin(server, "files-in");
        Reply kept = await other.Teacher.Post("sets/read", new JsonObject { ["text"] = text });
        kept.Status.ShouldBe(HttpStatusCode.Created);
        (await other.Teacher.Get($"sets/{kept.Text("id")}/file"))
            .Body!.ToJsonString()
            .ShouldBe(text);

        string broken = text.Replace("\"seed\":7", "\"seed\":-7", StringComparison.Ordinal);
        Reply refused = await other.Teacher.Post("sets/read", new JsonObject { ["text"] = broken });
        refused.Status.ShouldBe(HttpStatusCode.BadRequest);
        refused["errors"]["text.seed"]!.ToJsonString().ShouldContain("See line 1 of the file.");
        // Another teacher's set is none of one's business.
        (await other.Teacher.Get($"sets/{lesson.SetId}/file")).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task Old_answers_are_marked_again_and_both_marks_are_kept()
    {
        using Lesson lesson = await Lesson.Begin(server, "remark");
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(180 - lesson.TrueMeasure(0)));
        await lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(lesson.TrueMeasure(1)));
        // As an older marker left them.
        using (IServiceScope scope = server.Services.CreateScope())
        {
            var database = scope.ServiceProvider.GetRequiredService<JauntyDbContext>();
            var assignment = Guid.Parse(lesson.AssignmentId);
            await database.Database.ExecuteSqlAsync(
                $"""
                UPDATE marks SET marker_version = 1,
                  mark = jsonb_set(jsonb_set(mark::jsonb, array['content', 'markerVersion'], '1'), array['content', 'likelyCause'], '"slip"')
                WHERE answer_id IN (SELECT id FROM answers WHERE assignment_id = {assignment})
                """,
                TestContext.Current.CancellationToken
            );
        }
        string path = $"assignments/{lesson.AssignmentId}";
        Reply again = await lesson.Teacher.Post($"{path}/marks", null);
        again["answers"].GetValue<int>().ShouldBe(2);
        again["markedAgain"].GetValue<int>().ShouldBe(2);
        again["changed"].GetValue<int>().ShouldBe(2);
        (await lesson.Teacher.Post($"{path}/marks", null))["markedAgain"]
            .GetValue<int>()
            .ShouldBe(0);

        Reply file = await lesson.Teacher.Get($"{path}/file");
        foreach (JsonNode? answer in file["answers"].AsArray())
        {
            answer!["marks"]!
                .AsArray()
                .Select(m => m!["markerVersion"]!.GetValue<int>())
                .ShouldBe([1, Core.Marking.MarkingRules.Version]);
            answer["student"]!.GetValue<int>().ShouldBe(1);
        }
        file.Body!.ToJsonString().ShouldNotContain("Wren");

        // The same file, taken back to the old marks, is marked again as it is.
        foreach (JsonNode? answer in file["answers"].AsArray())
        {
            answer!["marks"]!.AsArray().RemoveAt(1);
        }
        Reply marked = await lesson.Teacher.Post(
            "answers/mark",
            new JsonObject { ["text"] = file.Body!.ToJsonString() }
        );
        marked["answers"][0]!["marks"]![1]!["likelyCause"]!
            .GetValue<string>()
            .ShouldBe("other-scale");
    }

    [Fact]
    public async Task Schemas_wishes_and_figures_are_open_to_everybody()
    {
        using Lesson lesson = await Lesson.Begin(server, "open-files");
        using var visitor = new Visitor(server);
        foreach (string name in new[] { "instrument", "specification", "set", "answers" })
        {
            (await visitor.Get($"schemas/{name}"))["title"]
                .GetValue<string>()
                .ShouldBe($"jaunty-{name}");
        }
        (await visitor.Get("schemas/spoon")).Status.ShouldBe(HttpStatusCode.NotFound);
        Reply cut = await visitor.Post(
            "specifications/read",
            new JsonObject { ["text"] = "{\n \"format\": \"jaunty-spec" }
        );
        cut.Status.ShouldBe(HttpStatusCode.BadRequest);
        cut["errors"]["text.format"]!.ToJsonString().ShouldContain("line 2");
        JsonNode item = (await lesson.Teacher.Get($"sets/{lesson.SetId}"))["items"][0]!["item"]!;
        Reply figure = await visitor.Post(
            "figures",
            new JsonObject { ["item"] = item.DeepClone() }
        );
        figure.Status.ShouldBe(HttpStatusCode.OK);
    }
}
