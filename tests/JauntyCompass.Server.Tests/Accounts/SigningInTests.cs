using System.Net;
using System.Text.Json.Nodes;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Accounts;

/// <summary>PINs and passwords cannot be tried through, nobody is locked out by others, and names cannot be told.</summary>
public sealed class SigningInTests : IDisposable
{
    private readonly TestClock _clock = new();
    private readonly JauntyServer _server;

    public SigningInTests() => _server = new JauntyServer(TestDatabase.Create(), _clock);

    public void Dispose() => _server.Dispose();

    private static string Wrong(string pin, int i) =>
        ((int.Parse(pin) + 1 + i) % 10_000).ToString("0000");

    [Fact]
    public async Task Of_many_wrong_pins_at_the_same_moment_no_more_are_verified_than_one_after_the_other()
    {
        using Lesson lesson = await Lesson.Begin(_server, "at-once");
        using var thief = new Visitor(_server, from: "198.51.100.7");
        await thief.Get("bench/session");
        Reply[] replies = await Task.WhenAll(
            Enumerable.Range(0, 60).Select(i => Try(thief, lesson, Wrong(lesson.Pin, i)))
        );
        replies.Count(r => r.Status == HttpStatusCode.Unauthorized).ShouldBe(3);
        replies
            .Where(r => r.Status != HttpStatusCode.Unauthorized)
            .ShouldAllBe(r =>
                r.Status == HttpStatusCode.TooManyRequests && r.RetryAfter > TimeSpan.Zero
            );
    }

    [Fact]
    public async Task In_an_hour_at_most_ten_are_verified_from_one_address_and_thirty_from_a_hundred()
    {
        using Lesson lesson = await Lesson.Begin(_server, "an-hour");
        using var one = new Visitor(_server, from: "198.51.100.7");
        (await VerifiedInAnHour(lesson, [one])).ShouldBeInRange(4, 10);
        _clock.Advance(TimeSpan.FromDays(1));
        Visitor[] hundred =
        [
            .. Enumerable.Range(0, 100).Select(i => new Visitor(_server, from: $"203.0.113.{i}")),
        ];
        (await VerifiedInAnHour(lesson, hundred)).ShouldBeInRange(8, 30);
        // The student's own tablet is not locked out by any of this: in class 30 and more have tried to be Wren.
        using Visitor tablet = lesson.Student;
        (await tablet.Join(lesson.Code, "Wren", lesson.Pin)).Status.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task In_an_hour_at_most_a_hundred_are_verified_against_a_class()
    {
        using Lesson lesson = await Lesson.Begin(_server, "against-class");
        var names = new List<string> { "Wren" };
        for (int i = 0; i < 24; i++)
        {
            names.Add($"Gull {(char)('a' + i)}");
            await lesson.Teacher.Post(
                $"classes/{lesson.ClassId}/students",
                new JsonObject { ["givenName"] = names[^1] }
            );
        }
        Visitor[] thieves =
        [
            .. Enumerable.Range(0, 12).Select(i => new Visitor(_server, from: $"203.0.113.{i}")),
        ];
        int verified = 0;
        for (int second = 0; second < 3600; second += 90)
        {
            for (int i = 0; i < 12; i++)
            {
                Reply reply = await Try(
                    thieves[i],
                    lesson,
                    Wrong(lesson.Pin, second),
                    names[(second / 90 + i * 2) % names.Count]
                );
                verified += reply.Status == HttpStatusCode.Unauthorized ? 1 : 0;
            }
            _clock.Advance(TimeSpan.FromSeconds(90));
        }
        verified.ShouldBeInRange(60, 100);
        (await lesson.Student.Join(lesson.Code, "Wren", lesson.Pin)).Status.ShouldBe(
            HttpStatusCode.OK
        );
    }

    [Fact]
    public async Task A_name_that_exists_and_one_that_does_not_get_the_same_answers_and_the_same_pauses()
    {
        using Lesson lesson = await Lesson.Begin(_server, "alike");
        using var known = new Visitor(_server, from: "198.51.100.1");
        using var unknown = new Visitor(_server, from: "198.51.100.2");
        for (int i = 0; i < 9; i++)
        {
            Reply one = await Try(known, lesson, Wrong(lesson.Pin, i));
            Reply other = await Try(unknown, lesson, Wrong(lesson.Pin, i), "Nobody");
            other.Status.ShouldBe(one.Status);
            other.Text("title").ShouldBe(one.Text("title"));
            other.RetryAfter.ShouldBe(one.RetryAfter);
            if (one.Status == HttpStatusCode.Unauthorized)
            {
                other.Text("detail").ShouldBe(one.Text("detail"));
            }
            _clock.Advance(TimeSpan.FromSeconds(25));
        }
        // The same for the teacher's door.
        using var guest = new Visitor(_server, from: "198.51.100.3");
        for (int i = 0; i < 5; i++)
        {
            Reply one = await SignIn(guest, "alike", "not it at all, no");
            Reply other = await SignIn(guest, "nobody-here", "not it at all, no");
            other.Status.ShouldBe(one.Status);
            other.Text("title").ShouldBe(one.Text("title"));
        }
    }

    [Fact]
    public async Task A_passwords_tries_are_counted_before_they_are_verified_and_the_own_device_stays_open()
    {
        using Lesson lesson = await Lesson.Begin(_server, "password");
        using var thief = new Visitor(_server, from: "198.51.100.7");
        await thief.Get("session");
        Reply[] replies = await Task.WhenAll(
            Enumerable.Range(0, 40).Select(i => SignIn(thief, "password", $"guess {i} of many"))
        );
        replies.Count(r => r.Status == HttpStatusCode.Unauthorized).ShouldBe(3);
        (await SignIn(thief, "password", "a few words in a row")).Status.ShouldBe(
            HttpStatusCode.TooManyRequests
        );
        using var own = new Visitor(_server);
        await own.Get("session");
        (await SignIn(own, "password", "a few words in a row")).Status.ShouldBe(HttpStatusCode.OK);
        await own.Delete("session");
        (await SignIn(own, "password", "a few words in a row")).Status.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task A_new_pin_ends_the_waiting()
    {
        using Lesson lesson = await Lesson.Begin(_server, "waiting");
        using var child = new Visitor(_server, from: "198.51.100.9");
        for (int i = 0; i < 3; i++)
        {
            await Try(child, lesson, Wrong(lesson.Pin, i));
        }
        (await Try(child, lesson, lesson.Pin)).Status.ShouldBe(HttpStatusCode.TooManyRequests);
        Reply renewed = await lesson.Teacher.Post(
            $"classes/{lesson.ClassId}/students/{lesson.StudentId}/pin",
            null
        );
        (await Try(child, lesson, renewed.Text("pin"))).Status.ShouldBe(HttpStatusCode.OK);
    }

    [Fact]
    public async Task Thirty_who_mistype_once_behind_one_address_are_not_held_up()
    {
        using Lesson lesson = await Lesson.Begin(_server, "honest");
        for (int i = 0; i < 29; i++)
        {
            string name = $"Tern {(char)('a' + i / 5)}{(char)('a' + i % 5)}";
            string pin = (
                await lesson.Teacher.Post(
                    $"classes/{lesson.ClassId}/students",
                    new JsonObject { ["givenName"] = name }
                )
            ).Text("pin");
            using var tablet = new Visitor(_server, from: "198.51.100.50");
            (await Try(tablet, lesson, Wrong(pin, 0), name)).Status.ShouldBe(
                HttpStatusCode.Unauthorized
            );
            (await Try(tablet, lesson, pin, name)).Status.ShouldBe(HttpStatusCode.OK);
        }
    }

    private async Task<int> VerifiedInAnHour(Lesson lesson, Visitor[] thieves)
    {
        int verified = 0;
        for (int second = 0; second < 3600; second += 20)
        {
            // Each thief tries whenever it is their turn; with many, somebody is always at the door.
            for (int k = 0; k < 3; k++)
            {
                Visitor thief = thieves[(second / 20 * 3 + k) % thieves.Length];
                Reply reply = await Try(thief, lesson, Wrong(lesson.Pin, second + k));
                verified += reply.Status == HttpStatusCode.Unauthorized ? 1 : 0;
                reply.Status.ShouldNotBe(HttpStatusCode.OK);
            }
            _clock.Advance(TimeSpan.FromSeconds(20));
        }
        return verified;
    }

    private static async Task<Reply> Try(
        Visitor visitor,
        Lesson lesson,
        string pin,
        string name = "Wren"
    ) => await visitor.Join(lesson.Code, name, pin);

    private static async Task<Reply> SignIn(Visitor visitor, string userName, string password)
    {
        await visitor.Get("session");
        return await visitor.Post(
            "session",
            new JsonObject { ["userName"] = userName, ["password"] = password }
        );
    }
}
