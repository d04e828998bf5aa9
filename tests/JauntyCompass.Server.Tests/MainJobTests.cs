using System.Globalization;
using System.Net;
using System.Text.Json.Nodes;
using System.Text.RegularExpressions;
using JauntyCompass.Server.Features.Keeping;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

public sealed class MainJobTests(LimitedServer server) : IClassFixture<LimitedServer>
{
    [Fact]
    public async Task A_set_is_made_given_answered_marked_and_read()
    {
        using Lesson lesson = await Lesson.Begin(server, "main");
        double truth = lesson.TrueMeasure(0);

        Reply wrong = await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(180 - truth));
        wrong.Status.ShouldBe(HttpStatusCode.OK);
        wrong["mark"]["verdict"]!.GetValue<string>().ShouldBe("notYet");
        wrong["mark"]["feedback"]!["happened"]!["text"]!
            .GetValue<string>()
            .ShouldContain("other scale");
        wrong["triesLeft"].GetValue<int>().ShouldBe(1);
        Reply right = await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(truth));
        right["mark"]["verdict"]!.GetValue<string>().ShouldBe("accepted");

        Reply results = await lesson.Teacher.Get($"assignments/{lesson.AssignmentId}/results");
        JsonNode wren = results["students"][0]!;
        wren["givenName"]!.GetValue<string>().ShouldBe("Wren");
        wren["items"]![0]!["tries"]!.GetValue<int>().ShouldBe(2);
        wren["items"]![0]!["verdict"]!.GetValue<string>().ShouldBe("accepted");
        wren["items"]![0]!["cause"]!.GetValue<string>().ShouldBe("other-scale");
        wren["items"]![1]!["verdict"].ShouldBeNull();
        Reply answers = await lesson.Teacher.Get(
            $"assignments/{lesson.AssignmentId}/students/{lesson.StudentId}/answers"
        );
        answers.Body!.AsArray().Count.ShouldBe(2);
        answers.Body[0]!["mark"]!["causes"]![0]!["mistake"]!
            .GetValue<string>()
            .ShouldBe("other-scale");
    }

    [Fact]
    public async Task What_the_student_sees_does_not_give_the_answer_away()
    {
        using Lesson lesson = await Lesson.Begin(server, "secret");
        Reply wrong = await lesson.HandIn(
            Guid.NewGuid(),
            0,
            Lesson.Reading(180 - lesson.TrueMeasure(0))
        );
        wrong["mark"]
            .AsObject()
            .Select(p => p.Key)
            .ShouldBe(["verdict", "feedback", "picture", "value"], ignoreOrder: true);
        JsonNode items = (await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}"))[
            "items"
        ];
        items.AsArray().ShouldAllBe(i => i!["answer"] == null && i["predictions"] == null);
        // What the sheet must draw may travel; how many degrees it has may not, under whatever name.
        double truth = lesson.TrueMeasure(0);
        string first = items[0]!.ToJsonString();
        first.ShouldNotContain("\"measure\":");
        Regex
            .Matches(first, @"-?\d+(\.\d+)?(?:e-?\d+)?")
            .Select(m => double.Parse(m.Value, CultureInfo.InvariantCulture))
            .ShouldAllBe(n => Math.Abs(n - truth) > 0.05 && Math.Abs(n - (180 - truth)) > 0.05);
    }

    [Fact]
    public async Task An_answer_sent_twice_even_at_once_is_stored_once()
    {
        using Lesson lesson = await Lesson.Begin(server, "twice");
        var id = Guid.NewGuid();
        Reply[] replies = await Task.WhenAll(
            Enumerable.Range(0, 6).Select(_ => lesson.HandIn(id, 0, Lesson.Reading(12)))
        );
        replies.ShouldAllBe(r => r.Status == HttpStatusCode.OK);
        replies.Select(r => r["try"].GetValue<int>()).Distinct().ShouldBe([1]);
        (await Count(id)).ShouldBe(1);
    }

    [Fact]
    public async Task Two_answers_at_once_never_make_more_tries_than_are_allowed()
    {
        using Lesson lesson = await Lesson.Begin(server, "race");
        Reply[] replies = await Task.WhenAll(
            Enumerable.Range(0, 5).Select(i => lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(i)))
        );
        replies.Count(r => r.Status == HttpStatusCode.OK).ShouldBeInRange(1, 2);
        replies.ShouldAllBe(r =>
            r.Status == HttpStatusCode.OK || r.Status == HttpStatusCode.Conflict
        );
        Reply bench = await lesson.Student.Get($"bench/assignments/{lesson.AssignmentId}");
        bench["answers"]
            .AsArray()
            .Select(a => a!["try"]!.GetValue<int>())
            .ShouldBe([1, 2], ignoreOrder: true);
    }

    [Fact]
    public async Task After_the_last_try_or_when_closed_nothing_more_is_taken_but_a_resent_answer_is_still_found()
    {
        using Lesson lesson = await Lesson.Begin(server, "closed");
        var first = Guid.NewGuid();
        await lesson.HandIn(first, 0, Lesson.Reading(1));
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(2));
        (await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(3))).Status.ShouldBe(
            HttpStatusCode.Conflict
        );
        (
            await lesson.Teacher.Patch(
                $"assignments/{lesson.AssignmentId}",
                new JsonObject { ["closed"] = true }
            )
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        (await lesson.HandIn(Guid.NewGuid(), 1, Lesson.Reading(3))).Status.ShouldBe(
            HttpStatusCode.Conflict
        );
        (await lesson.HandIn(first, 0, Lesson.Reading(1))).Status.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Misfits_name_their_field_and_store_nothing()
    {
        using Lesson lesson = await Lesson.Begin(server, "misfit");
        var id = Guid.NewGuid();
        (await lesson.HandIn(id, 3, Lesson.Reading(1)))["errors"]["itemIndex"].ShouldNotBeNull();
        (await lesson.HandIn(id, 2, Lesson.Reading(1)))["errors"]
            ["response.kind"]
            .ShouldNotBeNull();
        (await lesson.HandIn(Guid.Empty, 0, Lesson.Reading(1)))["errors"]["id"].ShouldNotBeNull();
        (await lesson.HandIn(id, 0, Lesson.Reading(1000)))["errors"]
            ["response.reading"]
            .ShouldNotBeNull();
        foreach (string clock in new[] { "2099-01-01T00:00:00Z", "1970-01-01T00:00:00Z" })
        {
            var body = new JsonObject
            {
                ["id"] = id,
                ["itemIndex"] = 0,
                ["response"] = Lesson.Reading(1),
                ["answeredAt"] = clock,
            };
            Reply skewed = await lesson.Student.Post(lesson.AnswersPath, body);
            skewed["errors"]["answeredAt"]![0]!.GetValue<string>().ShouldContain("1 day ahead");
        }
        (
            await lesson.Student.Post(
                $"bench/assignments/{Guid.NewGuid()}/answers",
                new JsonObject
                {
                    ["id"] = id,
                    ["itemIndex"] = 0,
                    ["response"] = Lesson.Reading(1),
                }
            )
        ).Status.ShouldBe(HttpStatusCode.NotFound);
        (await Count(id)).ShouldBe(0);
    }

    [Fact]
    public async Task A_set_is_stored_as_it_was_generated()
    {
        using Lesson lesson = await Lesson.Begin(server, "stored");
        Reply generated = await lesson.Teacher.Post(
            "sets/generate",
            new JsonObject { ["specification"] = Lesson.Specification(), ["seed"] = 7 }
        );
        Reply stored = await lesson.Teacher.Get($"sets/{lesson.SetId}");
        stored["items"].ToJsonString().ShouldBe(generated["items"].ToJsonString());
    }

    [Fact]
    public async Task Deleting_a_student_ends_their_work_and_a_day_later_their_answers_are_gone()
    {
        using Lesson lesson = await Lesson.Begin(server, "remove");
        var id = Guid.NewGuid();
        await lesson.HandIn(id, 0, Lesson.Reading(1));
        (
            await lesson.Teacher.Delete($"classes/{lesson.ClassId}/students/{lesson.StudentId}")
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        (await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(1))).Status.ShouldBe(
            HttpStatusCode.Unauthorized
        );
        (await Count(id)).ShouldBe(1);
        TestDatabase.Run(
            server.Connection,
            $"UPDATE students SET deleted_at = deleted_at - interval '25 hours' WHERE id = '{lesson.StudentId}'"
        );
        await using (AsyncServiceScope scope = server.Services.CreateAsyncScope())
        {
            await scope.ServiceProvider.GetRequiredService<Tidying>().RunAsync(default);
        }
        (await Count(id)).ShouldBe(0);
    }

    private async Task<long> Count(Guid answerId)
    {
        await using var connection = new NpgsqlConnection(server.Connection);
        await connection.OpenAsync();
        await using var command = new NpgsqlCommand(
            "SELECT count(*) FROM answers a LEFT JOIN marks m ON m.answer_id = a.id WHERE a.id = $1",
            connection
        );
        command.Parameters.Add(new NpgsqlParameter { Value = answerId });
        return (long)(await command.ExecuteScalarAsync())!;
    }
}
