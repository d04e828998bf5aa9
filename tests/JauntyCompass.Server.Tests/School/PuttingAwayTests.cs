using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Server.Features.Keeping;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.School;

/// <summary>Renamed, put away, brought back, closed, opened again, deleted, restored, gone.</summary>
public sealed class PuttingAwayTests(JauntyServer server) : IClassFixture<JauntyServer>
{
    private static JsonObject Archived(bool archived) => new() { ["archived"] = archived };

    private static bool Lists(Reply list, string id) =>
        list.Body!.AsArray().Any(x => x!["id"]!.GetValue<string>() == id);

    [Fact]
    public async Task A_set_that_is_given_is_renamed_closed_opened_put_away_and_brought_back()
    {
        using Lesson lesson = await Lesson.Begin(server, "given");
        string path = $"assignments/{lesson.AssignmentId}";
        async Task<JsonNode?> OnBench() =>
            (await lesson.Student.Get("bench/assignments")).Body!.AsArray().SingleOrDefault();

        await lesson.Teacher.Patch(path, new JsonObject { ["title"] = " Monday " });
        (await OnBench())!["title"]!.GetValue<string>().ShouldBe("Monday");
        await lesson.Teacher.Patch(path, new JsonObject { ["closed"] = true });
        (await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(4))).Status.ShouldBe(
            HttpStatusCode.Conflict
        );
        await lesson.Teacher.Patch(path, new JsonObject { ["closed"] = false });
        (await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(4))).Status.ShouldBe(
            HttpStatusCode.OK
        );
        await lesson.Teacher.Patch(path, Archived(true));
        (await OnBench()).ShouldBeNull();
        (await lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(4))).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
        await lesson.Teacher.Patch(path, Archived(false));
        (await lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(4))).Status.ShouldBe(
            HttpStatusCode.OK
        );
        // Renaming what is given leaves the set its own title.
        (await lesson.Teacher.Get($"sets/{lesson.SetId}"))
            .Text("title")
            .ShouldBe("Harbour");
    }

    [Fact]
    public async Task Whatever_is_deleted_is_named_first_hidden_at_once_and_can_be_restored()
    {
        using Lesson lesson = await Lesson.Begin(server, "undo");
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(4));
        string student = $"classes/{lesson.ClassId}/students/{lesson.StudentId}";
        (string Path, string List, string Id)[] things =
        [
            ($"assignments/{lesson.AssignmentId}", "assignments", lesson.AssignmentId),
            ($"sets/{lesson.SetId}", "sets", lesson.SetId),
            ($"classes/{lesson.ClassId}", "classes", lesson.ClassId),
        ];
        foreach ((string path, string list, string id) in things)
        {
            (await lesson.Teacher.Get($"{path}/contents"))["answers"]
                .GetValue<int>()
                .ShouldBe(1, path);
            (await lesson.Teacher.Delete(path)).Status.ShouldBe(HttpStatusCode.NoContent);
            Lists(await lesson.Teacher.Get(list), id).ShouldBeFalse(path);
            // What is given is gone with its set and with its class.
            Lists(await lesson.Teacher.Get("assignments"), lesson.AssignmentId)
                .ShouldBeFalse(path);
            (
                await lesson.Teacher.Get($"assignments/{lesson.AssignmentId}/results")
            ).Status.ShouldBe(HttpStatusCode.NotFound);
            (await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(5))).Status.ShouldBeOneOf(
                HttpStatusCode.NotFound,
                HttpStatusCode.Unauthorized
            );
            (await lesson.Teacher.Post($"{path}/restore", null)).Status.ShouldBe(
                HttpStatusCode.NoContent
            );
            Lists(await lesson.Teacher.Get("assignments"), lesson.AssignmentId).ShouldBeTrue(path);
        }
        await lesson.Student.Join(lesson.Code, "Wren", lesson.Pin);
        (await lesson.Teacher.Get($"{student}/contents"))["answers"].GetValue<int>().ShouldBe(1);
        await lesson.Teacher.Delete(student);
        // Meanwhile somebody else takes the name.
        Reply second = await lesson.Teacher.Post(
            $"classes/{lesson.ClassId}/students",
            new JsonObject { ["givenName"] = "Wren" }
        );
        (await lesson.Teacher.Post($"{student}/restore", null)).Status.ShouldBe(
            HttpStatusCode.BadRequest
        );
        await lesson.Teacher.Patch(
            $"classes/{lesson.ClassId}/students/{second.Text("studentId")}",
            new JsonObject { ["name"] = "Wren B" }
        );
        (await lesson.Teacher.Post($"{student}/restore", null)).Status.ShouldBe(
            HttpStatusCode.NoContent
        );
        (await lesson.Student.Join(lesson.Code, "Wren", lesson.Pin)).Status.ShouldBe(
            HttpStatusCode.OK
        );
    }

    [Fact]
    public async Task What_was_deleted_before_its_set_stays_deleted_when_the_set_comes_back()
    {
        using Lesson lesson = await Lesson.Begin(server, "before");
        await lesson.Teacher.Delete($"assignments/{lesson.AssignmentId}");
        await lesson.Teacher.Delete($"sets/{lesson.SetId}");
        await lesson.Teacher.Post($"sets/{lesson.SetId}/restore", null);
        Lists(await lesson.Teacher.Get("sets"), lesson.SetId).ShouldBeTrue();
        Lists(await lesson.Teacher.Get("assignments"), lesson.AssignmentId).ShouldBeFalse();
    }

    [Fact]
    public async Task What_is_no_longer_kept_is_deleted_by_the_schools_settings()
    {
        using var own = new JauntyServer(TestDatabase.Create(), null);
        using Lesson lesson = await Lesson.Begin(own, "keeping");
        await lesson.MakeHead(own);
        await lesson.Teacher.Put(
            "school",
            new JsonObject
            {
                ["teachersMayRegister"] = true,
                ["keepAnswersMonths"] = 6,
                ["keepArchivedMonths"] = 2,
            }
        );
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(4));
        await lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(4));
        string bench = $"bench/assignments/{lesson.AssignmentId}";
        await lesson.Student.Put($"{bench}/drafts/2", Lesson.Draft("5"));
        await lesson.Student.Put(
            $"{bench}/reflection",
            new JsonObject { ["step"] = 2, ["line"] = "x" }
        );
        Reply put = await lesson.Teacher.Post("classes", new JsonObject { ["name"] = "Last year" });
        await lesson.Teacher.Patch($"classes/{put.Text("id")}", Archived(true));

        async Task<Tidied> Tidy()
        {
            await using AsyncServiceScope scope = own.Services.CreateAsyncScope();
            return await scope.ServiceProvider.GetRequiredService<Tidying>().RunAsync(default);
        }
        (await Tidy()).ShouldBe(new Tidied(0, 0, 0, 0));
        TestDatabase.Run(
            own.Connection,
            """
            UPDATE answers SET received_at = now() - interval '7 months' WHERE item_index = 0;
            UPDATE drafts SET saved_at = now() - interval '61 days';
            UPDATE classes SET archived_at = now() - interval '3 months' WHERE archived_at IS NOT NULL;
            """
        );
        (await Tidy()).ShouldBe(new Tidied(1, 1, 1, 0));
        (await own.Ask(d => d.Answers.CountAsync())).ShouldBe(1);
        (await own.Ask(d => d.Reflections.CountAsync())).ShouldBe(1);
    }

    [Fact]
    public async Task All_that_is_kept_of_a_class_comes_as_a_file()
    {
        using Lesson lesson = await Lesson.Begin(server, "export");
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(180 - lesson.TrueMeasure(0)));
        Reply file = await lesson.Teacher.Get($"classes/{lesson.ClassId}/export");
        file.Text("format").ShouldBe("jaunty-class");
        file["students"][0]!["givenName"]!.GetValue<string>().ShouldBe("Wren");
        JsonNode answer = file["assignments"][0]!["answers"]![0]!;
        answer["student"]!.GetValue<string>().ShouldBe(lesson.StudentId);
        answer["marks"]![0]!["likelyCause"]!.GetValue<string>().ShouldBe("other-scale");
        file.Body!.ToJsonString().ShouldNotContain(lesson.Pin);
        file.Body.ToJsonString().ShouldNotContain("Hash");
    }
}
