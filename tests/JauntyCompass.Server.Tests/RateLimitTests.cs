using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Limits of rate hold off whoever asks too much, and nobody else.</summary>
public sealed class RateLimitTests(LimitedServer server) : IClassFixture<LimitedServer>
{
    private static JsonObject Wish(int seed) =>
        new() { ["specification"] = Lesson.Specification(), ["seed"] = seed };

    [Fact]
    public async Task Three_hundred_students_behind_one_address_sign_in_and_open_their_set_when_the_bell_rings()
    {
        const int students = 300;
        using Lesson lesson = await Lesson.Begin(server, "bell");
        // As many as a school has, all with Wren's PIN; sixty in a class are what pages allow.
        TestDatabase.Run(
            server.Connection,
            $"""
            INSERT INTO students (id, class_id, given_name, name_key, pin_hash)
            SELECT gen_random_uuid(), class_id, 'Gull ' || n, 'GULL ' || n, pin_hash
            FROM students, generate_series(1, {students}) AS n WHERE id = '{lesson.StudentId}'
            """
        );
        HttpStatusCode[] statuses = (
            await Task.WhenAll(
                Enumerable
                    .Range(1, students)
                    .Select(async n =>
                    {
                        using var tablet = new Visitor(server, from: "198.51.100.80");
                        Reply joined = await tablet.Join(lesson.Code, $"gull {n}", lesson.Pin);
                        Reply list = await tablet.Get("bench/assignments");
                        Reply set = await tablet.Get($"bench/assignments/{lesson.AssignmentId}");
                        return new[] { joined.Status, list.Status, set.Status };
                    })
            )
        ).SelectMany(s => s).ToArray();
        statuses.Length.ShouldBe(3 * students);
        statuses.ShouldAllBe(s => s == HttpStatusCode.OK);
    }

    [Fact]
    public async Task Whoever_asks_for_heavy_work_without_end_is_told_to_wait_and_a_teacher_at_the_same_address_is_not()
    {
        using Lesson lesson = await Lesson.Begin(server, "heavy");
        using var stranger = new Visitor(server);
        Reply[] replies = await Task.WhenAll(
            Enumerable.Range(0, 40).Select(i => stranger.Post("sets/generate", Wish(i)))
        );
        Reply[] refused = [.. replies.Where(r => r.Status != HttpStatusCode.OK)];
        refused.Length.ShouldBeGreaterThan(20);
        refused.ShouldAllBe(r =>
            r.Status == HttpStatusCode.TooManyRequests
            && r.RetryAfter >= TimeSpan.FromSeconds(1)
            && r.Type == "application/problem+json"
        );
        refused[0].Text("detail").ShouldContain("again in");
        (await lesson.Teacher.Post("sets/generate", Wish(1))).Status.ShouldBe(HttpStatusCode.OK);
        (await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(3))).Status.ShouldBe(
            HttpStatusCode.OK
        );
    }

    [Fact]
    public async Task Whole_files_are_marked_for_teachers_only_and_no_student_in_them_has_answers_without_end()
    {
        using Lesson lesson = await Lesson.Begin(server, "files");
        using var stranger = new Visitor(server, from: "198.51.100.9");
        await stranger.Get("session");
        (await stranger.Post("answers/mark", new JsonObject { ["text"] = "{}" })).Status.ShouldBe(
            HttpStatusCode.Unauthorized
        );
        await lesson.HandIn(Guid.NewGuid(), 0, Lesson.Reading(41));
        JsonNode file = (await lesson.Teacher.Get($"assignments/{lesson.AssignmentId}/file")).Body!;
        JsonArray answers = file["answers"]!.AsArray();
        answers.Add(answers[0]!.DeepClone());
        Reply twice = await lesson.Teacher.Post(
            "answers/mark",
            new JsonObject { ["text"] = file.ToJsonString() }
        );
        twice.Status.ShouldBe(HttpStatusCode.BadRequest);
        twice["errors"].ToJsonString().ShouldContain("twice");
    }
}
