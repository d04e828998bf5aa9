using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Accounts;

/// <summary>A session ends when it must, whatever cookie somebody still has.</summary>
public sealed class SessionTests : IDisposable
{
    private readonly TestClock _clock = new();
    private readonly JauntyServer _server;

    public SessionTests() => _server = new JauntyServer(TestDatabase.Create(), _clock);

    public void Dispose() => _server.Dispose();

    private static async Task<HttpStatusCode> AsStudent(Visitor visitor) =>
        (await visitor.Get("bench/assignments")).Status;

    private static async Task<HttpStatusCode> AsTeacher(Visitor visitor) =>
        (await visitor.Get("classes")).Status;

    [Fact]
    public async Task A_copied_cookie_opens_nothing_after_signing_out()
    {
        using Lesson lesson = await Lesson.Begin(_server, "out");
        using Visitor student = lesson.Student.Copy(_server);
        using Visitor teacher = lesson.Teacher.Copy(_server);
        (await AsStudent(student)).ShouldBe(HttpStatusCode.OK);
        (await AsTeacher(teacher)).ShouldBe(HttpStatusCode.OK);
        await lesson.Student.Delete("bench/session");
        await lesson.Teacher.Delete("session");
        (await AsStudent(student)).ShouldBe(HttpStatusCode.Unauthorized);
        (await AsTeacher(teacher)).ShouldBe(HttpStatusCode.Unauthorized);
    }

    [Fact]
    public async Task A_new_pin_a_card_out_of_use_a_removal_and_an_archive_end_a_students_sessions()
    {
        using Lesson lesson = await Lesson.Begin(_server, "student-ends");
        string path = $"classes/{lesson.ClassId}/students/{lesson.StudentId}";
        Reply renewed = await lesson.Teacher.Post($"{path}/pin", null);
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.Unauthorized);

        await lesson.Student.Join(lesson.Code, "Wren", renewed.Text("pin"));
        await lesson.Teacher.Delete($"{path}/card");
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.Unauthorized);

        await lesson.Student.Join(lesson.Code, "Wren", renewed.Text("pin"));
        await lesson.Teacher.Patch(path, new JsonObject { ["archived"] = true });
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.Unauthorized);
        (await lesson.Student.Join(lesson.Code, "Wren", renewed.Text("pin"))).Status.ShouldBe(
            HttpStatusCode.Unauthorized
        );

        await lesson.Teacher.Patch(path, new JsonObject { ["archived"] = false });
        await lesson.Student.Join(lesson.Code, "Wren", renewed.Text("pin"));
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.OK);
        await lesson.Teacher.Patch(
            $"classes/{lesson.ClassId}",
            new JsonObject { ["archived"] = true }
        );
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.Unauthorized);

        await lesson.Teacher.Patch(
            $"classes/{lesson.ClassId}",
            new JsonObject { ["archived"] = false }
        );
        await lesson.Student.Join(lesson.Code, "Wren", renewed.Text("pin"));
        await lesson.Teacher.Delete(path);
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.Unauthorized);
    }

    [Fact]
    public async Task Another_password_ends_all_sessions_but_the_one_it_is_chosen_in()
    {
        using Lesson lesson = await Lesson.Begin(_server, "password-ends");
        using var elsewhere = new Visitor(_server);
        await elsewhere.Get("session");
        await elsewhere.Post(
            "session",
            new JsonObject { ["userName"] = "password-ends", ["password"] = "a few words in a row" }
        );
        (await AsTeacher(elsewhere)).ShouldBe(HttpStatusCode.OK);
        Reply wrong = await lesson.Teacher.Put(
            "account/password",
            new JsonObject { ["current"] = "no", ["password"] = "seven small boats" }
        );
        wrong["errors"]["current"].ShouldNotBeNull();
        (
            await lesson.Teacher.Put(
                "account/password",
                new JsonObject
                {
                    ["current"] = "a few words in a row",
                    ["password"] = "seven small boats",
                }
            )
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        (await AsTeacher(elsewhere)).ShouldBe(HttpStatusCode.Unauthorized);
        (await AsTeacher(lesson.Teacher)).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_session_ends_with_the_day_unless_it_is_to_be_kept_and_then_after_a_month()
    {
        using Lesson lesson = await Lesson.Begin(_server, "days");
        using var kept = new Visitor(_server);
        await kept.Get("bench/session");
        await kept.Post(
            "bench/session",
            new JsonObject
            {
                ["classCode"] = lesson.Code,
                ["givenName"] = "Wren",
                ["pin"] = lesson.Pin,
                ["keep"] = true,
            }
        );
        _clock.Advance(TimeSpan.FromHours(13));
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.Unauthorized);
        (await AsTeacher(lesson.Teacher)).ShouldBe(HttpStatusCode.Unauthorized);
        (await AsStudent(kept)).ShouldBe(HttpStatusCode.OK);
        _clock.Advance(TimeSpan.FromDays(30));
        (await AsStudent(kept)).ShouldBe(HttpStatusCode.Unauthorized);
    }

    [Fact]
    public async Task Behind_tls_every_cookie_is_secure_and_without_keeping_none_outlives_the_browser()
    {
        using Lesson lesson = await Lesson.Begin(_server, "secure");
        foreach (string? scheme in new[] { null, "https" })
        {
            using var http = new HttpClient(new HttpClientHandler { UseCookies = false })
            {
                BaseAddress = _server.Address,
            };
            if (scheme is not null)
            {
                http.DefaultRequestHeaders.Add("X-Forwarded-Proto", scheme);
            }
            using HttpResponseMessage session = await http.GetAsync("/api/v1/bench/session");
            string forgery = session.Headers.GetValues("Set-Cookie").Single();
            string token = JsonNode.Parse(await session.Content.ReadAsStringAsync())![
                "antiforgeryToken"
            ]!.GetValue<string>();
            using var request = new HttpRequestMessage(HttpMethod.Post, "/api/v1/bench/session")
            {
                Content = System.Net.Http.Json.JsonContent.Create(
                    new
                    {
                        classCode = lesson.Code,
                        givenName = "Wren",
                        pin = lesson.Pin,
                    }
                ),
            };
            request.Headers.Add("Cookie", forgery.Split(';')[0]);
            request.Headers.Add("X-Jaunty-Token", token);
            using HttpResponseMessage joined = await http.SendAsync(request);
            joined.StatusCode.ShouldBe(HttpStatusCode.OK);
            string[] cookies = [forgery, .. joined.Headers.GetValues("Set-Cookie")];
            cookies.Length.ShouldBeGreaterThanOrEqualTo(3);
            foreach (string cookie in cookies)
            {
                cookie.Contains("; secure").ShouldBe(scheme is not null, cookie);
                cookie.ShouldContain("samesite=strict");
                cookie.ShouldContain("httponly");
            }
            cookies.Single(c => c.StartsWith("jaunty-student=")).ShouldNotContain("expires");
        }
    }

    [Fact]
    public async Task Signing_in_as_another_ends_the_session_before_it()
    {
        using Lesson lesson = await Lesson.Begin(_server, "next-student");
        string pin = (
            await lesson.Teacher.Post(
                $"classes/{lesson.ClassId}/students",
                new JsonObject { ["givenName"] = "Kit" }
            )
        ).Text("pin");
        using Visitor copy = lesson.Student.Copy(_server);
        Reply kit = await lesson.Student.Join(lesson.Code, "Kit", pin);
        kit.Text("name").ShouldBe("Kit");
        (await AsStudent(copy)).ShouldBe(HttpStatusCode.Unauthorized);
        (await AsStudent(lesson.Student)).ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_card_signs_in_until_it_is_renewed_or_taken_out_of_use()
    {
        using Lesson lesson = await Lesson.Begin(_server, "card");
        string path = $"classes/{lesson.ClassId}/students/{lesson.StudentId}/card";
        string CardOf(Reply made) => made.Text("address").Split("card=")[1];
        string first = CardOf(await lesson.Teacher.Post(path, null));
        using var tablet = new Visitor(_server, from: "198.51.100.3");
        async Task<Reply> Show(string card)
        {
            await tablet.Get("bench/session");
            return await tablet.Post("bench/session/card", new JsonObject { ["card"] = card });
        }
        (await Show(first)).Text("name").ShouldBe("Wren");
        string second = CardOf(await lesson.Teacher.Post(path, null));
        (await Show(first)).Status.ShouldBe(HttpStatusCode.Unauthorized);
        (await Show(second)).Status.ShouldBe(HttpStatusCode.OK);
        await lesson.Teacher.Delete(path);
        (await AsStudent(tablet)).ShouldBe(HttpStatusCode.Unauthorized);
        (await Show(second)).Status.ShouldBe(HttpStatusCode.Unauthorized);
    }
}
