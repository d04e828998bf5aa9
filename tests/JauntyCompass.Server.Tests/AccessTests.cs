using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Core.Files;
using Microsoft.AspNetCore.Routing;
using Microsoft.AspNetCore.StaticAssets;
using Microsoft.Extensions.DependencyInjection;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>Nobody sees what is not theirs: every endpoint there is, as nobody, as a student, as another teacher.</summary>
public sealed class AccessTests(JauntyServer server)
{
    // Open on purpose. Whatever is not on this list must refuse a stranger.
    private static readonly string[] Open =
    [
        "GET /api/v1/instruments",
        "GET /api/v1/exercise-kinds",
        "GET /api/v1/mistakes",
        "GET /api/v1/sets/ready",
        "POST /api/v1/readings",
        "POST /api/v1/instruments/described",
        "POST /api/v1/instruments/read",
        "GET /api/v1/schemas/{name}",
        "POST /api/v1/specifications/read",
        "POST /api/v1/figures",
        "POST /api/v1/angles",
        "POST /api/v1/angles/labels",
        "POST /api/v1/algebra/lines",
        "POST /api/v1/constructions/crossings",
        "POST /api/v1/rulers/readings",
        "GET /api/v1/demonstrations",
        "POST /api/v1/demonstrations",
        "POST /api/v1/sets/generate",
        "POST /api/v1/marks",
        "POST /api/v1/next-item",
        "GET /api/v1/session",
        "POST /api/v1/session",
        "DELETE /api/v1/session",
        "POST /api/v1/teachers",
        "GET /api/v1/bench/session",
        "POST /api/v1/bench/session",
        "DELETE /api/v1/bench/session",
        "GET /api/v1/school",
        "POST /api/v1/links",
        "POST /api/v1/links/invitation",
        "POST /api/v1/links/password",
        "POST /api/v1/bench/session/card",
        "GET /health",
        "GET /health/live",
        "GET /health/ready",
        "GET /openapi/{documentName}.json",
    ];

    private IEnumerable<(string Method, string Pattern)> Endpoints() =>
        from endpoint in server
            .Services.GetServices<EndpointDataSource>()
            .SelectMany(s => s.Endpoints)
            .OfType<RouteEndpoint>()
            .Where(e => e.Metadata.GetMetadata<StaticAssetDescriptor>() is null)
        let methods = endpoint.Metadata.GetMetadata<HttpMethodMetadata>()?.HttpMethods ?? ["GET"]
        from method in methods
        select (method, "/" + endpoint.RoutePattern.RawText!.Trim('/'));

    private static async Task<Reply> Try(
        Visitor visitor,
        string method,
        string pattern,
        Lesson lesson
    )
    {
        string path = pattern
            .Replace("{classId:guid}", lesson.ClassId)
            .Replace("{studentId:guid}", lesson.StudentId)
            .Replace("{setId:guid}", lesson.SetId)
            .Replace("{assignmentId:guid}", lesson.AssignmentId)
            .Replace("{instrumentId:guid}", lesson.CabinetId)
            .Replace("{orderId:guid}", lesson.OrderId)
            .Replace("{teacherId:guid}", lesson.TeacherId)
            .Replace("{index:int}", "0")
            .Replace("{number:int}", "1");
        HttpContent? body = method is "POST" or "PUT" or "PATCH"
            ? new StringContent(
                ValidBody(pattern, lesson).ToJsonString(),
                System.Text.Encoding.UTF8,
                "application/json"
            )
            : null;
        return await visitor.Send(new HttpMethod(method), path, body);
    }

    private static JsonObject ValidBody(string pattern, Lesson lesson) =>
        pattern switch
        {
            _ when pattern.EndsWith("/answers") => new()
            {
                ["id"] = Guid.NewGuid(),
                ["itemIndex"] = 0,
                ["response"] = Lesson.Reading(5),
            },
            _ when pattern.Contains("/drafts/") => Lesson.Draft("5"),
            _ when pattern.Contains("/twins/") => new() { ["response"] = Lesson.Reading(5) },
            _ when pattern.EndsWith("/reflection") => new() { ["step"] = 2, ["line"] = "" },
            _ when pattern.EndsWith("/rules") => new() { ["scale"] = "sizeFirst" },
            _ when pattern.EndsWith("/cabinet") => Lesson.OwnInstrument(),
            _ when pattern.EndsWith("/running-orders") => Lesson.Order(),
            _ when pattern.EndsWith("/hand-over") => new()
            {
                ["teacherId"] = Guid.NewGuid().ToString(),
            },
            _ when pattern.EndsWith("/password") => new()
            {
                ["current"] = "a few words in a row",
                ["password"] = "seven small boats",
            },
            _ when pattern.EndsWith("/account") => new() { ["displayName"] = "x" },
            _ when pattern.EndsWith("/head") => new() { ["head"] = true },
            _ when pattern.EndsWith("/school") => new()
            {
                ["teachersMayRegister"] = true,
                ["keepAnswersMonths"] = 1,
                ["keepArchivedMonths"] = 1,
            },
            _ when pattern.EndsWith("/answers/mark") => new()
            {
                ["text"] = JsonFile.Write(AnswersFile.Of("x", 2, [])),
            },
            _ when pattern.EndsWith("/students") => new() { ["givenName"] = "Intruder" },
            _ when pattern.EndsWith("/assignments") => new()
            {
                ["setId"] = lesson.SetId,
                ["classId"] = lesson.ClassId,
            },
            _ when pattern.EndsWith("/sets/read") => new() { ["text"] = Lesson.SetText },
            _ when pattern.EndsWith("/sets") => new()
            {
                ["title"] = "x",
                ["specification"] = Lesson.Specification(),
                ["seed"] = 1,
            },
            _ => new() { ["name"] = "x" },
        };

    [Fact]
    public async Task Nobody_gets_in_anywhere_but_where_it_is_open()
    {
        using Lesson lesson = await Lesson.Begin(server, "nobody");
        using var nobody = new Visitor(server);
        await nobody.Get("session");
        await nobody.Get("bench/session");
        int walked = 0;
        foreach (
            (string method, string pattern) in Endpoints()
                .Where(e => !Open.Contains($"{e.Method} {e.Pattern}"))
        )
        {
            Reply reply = await Try(nobody, method, pattern, lesson);
            reply.Status.ShouldBe(HttpStatusCode.Unauthorized, $"{method} {pattern}");
            reply.Type.ShouldBe("application/problem+json");
            walked++;
        }
        walked.ShouldBeGreaterThan(14);
    }

    [Fact]
    public async Task A_student_gets_into_nothing_of_the_teachers()
    {
        using Lesson lesson = await Lesson.Begin(server, "astudent");
        await lesson.Student.Get("session");
        foreach (
            (string method, string pattern) in Endpoints()
                .Where(e =>
                    !Open.Contains($"{e.Method} {e.Pattern}") && !e.Pattern.Contains("/bench/")
                )
        )
        {
            Reply reply = await Try(lesson.Student, method, pattern, lesson);
            reply.Status.ShouldBe(HttpStatusCode.Unauthorized, $"{method} {pattern}");
        }
    }

    [Fact]
    public async Task Another_teacher_finds_nothing_and_changes_nothing()
    {
        using Lesson lesson = await Lesson.Begin(server, "owner");
        using Lesson other = await Lesson.Begin(server, "other");
        foreach (
            (string method, string pattern) in Endpoints()
                .Where(e => e.Pattern.Contains(":guid") && !e.Pattern.Contains("/bench/"))
        )
        {
            Reply reply = await Try(other.Teacher, method, pattern, lesson);
            reply.Status.ShouldBe(
                pattern.Contains("/staff/") ? HttpStatusCode.Forbidden : HttpStatusCode.NotFound,
                $"{method} {pattern}"
            );
        }
        (await Try(other.Teacher, "POST", "/api/v1/assignments", lesson)).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
        (await other.Teacher.Get("classes"))
            .Body!.AsArray()
            .Select(c => c!["id"]!.GetValue<string>())
            .ShouldBe([other.ClassId]);
        (await other.Teacher.Get("sets"))
            .Body!.AsArray()
            .Select(c => c!["id"]!.GetValue<string>())
            .ShouldBe([other.SetId]);
        (await other.Teacher.Get("assignments"))
            .Body!.AsArray()
            .Select(c => c!["id"]!.GetValue<string>())
            .ShouldBe([other.AssignmentId]);
        foreach (string list in (string[])["cabinet", "running-orders"])
        {
            string[] seen =
            [
                .. (await other.Teacher.Get(list))
                    .Body!.AsArray()
                    .Select(c => c!["id"]!.GetValue<string>()),
            ];
            seen.ShouldBe([list == "cabinet" ? other.CabinetId : other.OrderId]);
            (await lesson.Teacher.Get(list)).Body!.AsArray().Count.ShouldBe(1);
        }
        Reply mine = await lesson.Teacher.Get($"classes/{lesson.ClassId}");
        mine["students"].AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task A_student_of_another_class_sees_and_answers_nothing_here()
    {
        using Lesson lesson = await Lesson.Begin(server, "here");
        using Lesson other = await Lesson.Begin(server, "there");
        foreach (
            (string method, string pattern) in Endpoints()
                .Where(e => e.Pattern.Contains("/bench/") && e.Pattern.Contains(":guid"))
        )
        {
            (await Try(other.Student, method, pattern, lesson)).Status.ShouldBe(
                HttpStatusCode.NotFound,
                $"{method} {pattern}"
            );
        }
        (await other.Student.Get("bench/assignments")).Body!.AsArray().Count.ShouldBe(1);
    }

    [Fact]
    public async Task An_answer_id_of_someone_else_is_refused_and_not_shown()
    {
        using Lesson lesson = await Lesson.Begin(server, "idowner");
        using Lesson other = await Lesson.Begin(server, "idthief");
        var id = Guid.NewGuid();
        await lesson.HandIn(id, 0, Lesson.Reading(1));
        Reply stolen = await other.HandIn(id, 0, Lesson.Reading(1));
        stolen.Status.ShouldBe(HttpStatusCode.BadRequest);
        stolen["errors"]["id"].ShouldNotBeNull();
    }

    [Fact]
    public async Task Changing_anything_takes_the_anti_forgery_token()
    {
        using Lesson lesson = await Lesson.Begin(server, "forged");
        await lesson.MakeHead(server);
        lesson.Teacher.SendTokens = lesson.Student.SendTokens = false;
        foreach (
            (string method, string pattern) in Endpoints()
                .Where(e =>
                    e.Method != "GET"
                    && (!Open.Contains($"{e.Method} {e.Pattern}") || e.Pattern.EndsWith("session"))
                )
        )
        {
            Visitor who = pattern.Contains("/bench") ? lesson.Student : lesson.Teacher;
            HttpContent? body =
                pattern.EndsWith("/session") && method == "POST"
                    ? new StringContent(
                        """{"userName":"a","password":"b","classCode":"a","givenName":"b","pin":"1234"}""",
                        System.Text.Encoding.UTF8,
                        "application/json"
                    )
                    : null;
            Reply reply = body is null
                ? await Try(who, method, pattern, lesson)
                : await who.Send(HttpMethod.Post, pattern, body);
            reply.Status.ShouldBe(HttpStatusCode.BadRequest, $"{method} {pattern}");
            reply.Text("title").ShouldContain("anti-forgery");
        }
    }

    [Fact]
    public async Task Names_are_told_apart_within_a_class_and_long_ones_refused()
    {
        using Lesson lesson = await Lesson.Begin(server, "names");
        string path = $"classes/{lesson.ClassId}/students";
        (
            await lesson.Teacher.Post(path, new JsonObject { ["givenName"] = " wren " })
        ).Status.ShouldBe(HttpStatusCode.BadRequest);
        (
            await lesson.Teacher.Post(
                path,
                new JsonObject { ["givenName"] = new string('n', 10_000) }
            )
        )["errors"]
            ["givenName"]
            .ShouldNotBeNull();
        (await lesson.Teacher.Post("classes", new JsonObject { ["name"] = "" }))["errors"]
            ["name"]
            .ShouldNotBeNull();
    }
}
