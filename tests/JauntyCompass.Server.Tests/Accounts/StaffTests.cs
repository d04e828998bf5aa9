using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Server.Commands;
using JauntyCompass.Server.Features.Demo;
using Microsoft.EntityFrameworkCore;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Accounts;

/// <summary>The people of a school: how they come, what they may do, how they go.</summary>
public sealed class StaffTests(JauntyServer server) : IClassFixture<JauntyServer>
{
    private static string KeyOf(Reply made) => made.Text("path").Split("/welcome/")[1];

    private async Task<Reply> Accept(string key, string userName, Visitor? visitor = null)
    {
        using Visitor fresh = new(server);
        visitor ??= fresh;
        await visitor.Get("session");
        return await visitor.Post(
            "links/invitation",
            new JsonObject
            {
                ["key"] = key,
                ["userName"] = userName,
                ["displayName"] = userName,
                ["password"] = "seven small boats",
            }
        );
    }

    private async Task<Lesson> Head(string name)
    {
        Lesson lesson = await Lesson.Begin(server, name);
        await lesson.MakeHead(server);
        return lesson;
    }

    [Fact]
    public async Task An_invitation_works_once_and_for_three_days_and_tells_what_it_is_for()
    {
        using Lesson lesson = await Head("inviting");
        string key = KeyOf(
            await lesson.Teacher.Post("staff/invitations", new JsonObject { ["head"] = true })
        );
        using var guest = new Visitor(server);
        await guest.Get("session");
        Reply look = await guest.Post("links", new JsonObject { ["key"] = key });
        look.Text("purpose").ShouldBe("invitation");
        look["forHead"].GetValue<bool>().ShouldBeTrue();
        // A name that is taken does not use it up.
        (await Accept(key, "inviting")).Status.ShouldBe(HttpStatusCode.BadRequest);
        Reply[] both = await Task.WhenAll(Accept(key, "invited-a"), Accept(key, "invited-b"));
        both.Count(r => r.Status == HttpStatusCode.OK).ShouldBe(1);
        both.Single(r => r.Status != HttpStatusCode.OK).Status.ShouldBe(HttpStatusCode.NotFound);
        string late = KeyOf(
            await lesson.Teacher.Post("staff/invitations", new JsonObject { ["head"] = false })
        );
        TestDatabase.Run(
            server.Connection,
            "UPDATE one_time_links SET ends_at = ends_at - interval '73 hours'"
        );
        (await Accept(late, "too-late")).Status.ShouldBe(HttpStatusCode.NotFound);
    }

    [Fact]
    public async Task Only_a_head_gets_at_the_accounts()
    {
        using Lesson teacher = await Lesson.Begin(server, "no-head");
        (await teacher.Teacher.Get("staff")).Status.ShouldBe(HttpStatusCode.Forbidden);
        (
            await teacher.Teacher.Post("staff/invitations", new JsonObject { ["head"] = true })
        ).Status.ShouldBe(HttpStatusCode.Forbidden);
        await teacher.MakeHead(server);
        Reply staff = await teacher.Teacher.Get("staff");
        staff
            .Body!.AsArray()
            .Select(t => t!["userName"]!.GetValue<string>())
            .ShouldContain("no-head");
    }

    [Fact]
    public async Task A_reset_gives_a_new_password_and_ends_all_sessions()
    {
        using Lesson head = await Head("resetting");
        using Lesson forgot = await Lesson.Begin(server, "forgot");
        string key = KeyOf(
            await head.Teacher.Post($"staff/{forgot.TeacherId}/password-link", null)
        );
        using var fresh = new Visitor(server);
        await fresh.Get("session");
        JsonObject Choose(string password) => new() { ["key"] = key, ["password"] = password };
        (await fresh.Post("links/password", Choose("passwordpassword")))["errors"]
            ["password"]
            .ShouldNotBeNull();
        (await fresh.Post("links/password", Choose("other words in a line")))
            .Text("name")
            .ShouldBe("forgot");
        (await forgot.Teacher.Get("classes")).Status.ShouldBe(HttpStatusCode.Unauthorized);
        (await fresh.Get("classes")).Status.ShouldBe(HttpStatusCode.OK);
        (await fresh.Post("links/password", Choose("and yet another one"))).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
    }

    [Fact]
    public async Task Somebody_always_looks_after_the_accounts()
    {
        using var own = new JauntyServer(TestDatabase.Create(), null);
        using Lesson head = await Lesson.Begin(own, "only");
        await head.MakeHead(own);
        (
            await head.Teacher.Put(
                $"staff/{head.TeacherId}/head",
                new JsonObject { ["head"] = false }
            )
        ).Status.ShouldBe(HttpStatusCode.Conflict);
        (await head.Teacher.Delete($"staff/{head.TeacherId}")).Status.ShouldBe(
            HttpStatusCode.Conflict
        );
        using Lesson second = await Lesson.Begin(own, "second");
        await second.MakeHead(own);
        // Each removes the other at the same moment: one of them stays.
        Reply[] both = await Task.WhenAll(
            head.Teacher.Delete($"staff/{second.TeacherId}"),
            second.Teacher.Delete($"staff/{head.TeacherId}")
        );
        both.Count(r => r.Status == HttpStatusCode.NoContent).ShouldBe(1);
        (await own.Ask(d => d.Users.CountAsync(t => t.IsHead))).ShouldBe(1);
    }

    [Fact]
    public async Task A_teacher_who_goes_is_named_with_what_they_have_and_leaves_it_to_an_heir()
    {
        using Lesson head = await Head("heir");
        using Lesson going = await Lesson.Begin(server, "going");
        await going.HandIn(Guid.NewGuid(), 0, Lesson.Reading(41));
        Reply has = await head.Teacher.Get($"staff/{going.TeacherId}/belongings");
        has["classes"].GetValue<int>().ShouldBe(1);
        has["answers"].GetValue<int>().ShouldBe(1);
        (
            await head.Teacher.Delete($"staff/{going.TeacherId}?heir={head.TeacherId}")
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        (await going.Teacher.Get("classes")).Status.ShouldBe(HttpStatusCode.Unauthorized);
        (await head.Teacher.Get($"assignments/{going.AssignmentId}/results")).Status.ShouldBe(
            HttpStatusCode.OK
        );
        // The students work on.
        (await going.HandIn(Guid.NewGuid(), 1, Lesson.Reading(41))).Status.ShouldBe(
            HttpStatusCode.OK
        );
    }

    [Fact]
    public async Task A_class_is_shared_and_handed_over_and_only_its_own_teacher_changes_it_as_a_whole()
    {
        using Lesson own = await Lesson.Begin(server, "own-class");
        using Lesson guest = await Lesson.Begin(server, "guest");
        string results = $"assignments/{own.AssignmentId}/results";
        string shared = $"classes/{own.ClassId}/teachers/{guest.TeacherId}";
        (await guest.Teacher.Get(results)).Status.ShouldBe(HttpStatusCode.NotFound);
        (await own.Teacher.Put(shared, new JsonObject())).Status.ShouldBe(HttpStatusCode.NoContent);
        (await guest.Teacher.Get(results)).Status.ShouldBe(HttpStatusCode.OK);
        (
            await guest.Teacher.Post(
                $"classes/{own.ClassId}/students",
                new JsonObject { ["givenName"] = "Kit" }
            )
        ).Status.ShouldBe(HttpStatusCode.Created);
        (await guest.Teacher.Delete($"classes/{own.ClassId}")).Status.ShouldBe(
            HttpStatusCode.NotFound
        );
        (
            await guest.Teacher.Post(
                $"classes/{own.ClassId}/hand-over",
                new JsonObject { ["teacherId"] = guest.TeacherId }
            )
        ).Status.ShouldBe(HttpStatusCode.NotFound);
        (
            await own.Teacher.Post(
                $"classes/{own.ClassId}/hand-over",
                new JsonObject { ["teacherId"] = guest.TeacherId }
            )
        ).Status.ShouldBe(HttpStatusCode.NoContent);
        (await own.Teacher.Get(results)).Status.ShouldBe(HttpStatusCode.NotFound);
        (await guest.Teacher.Get($"classes/{own.ClassId}"))["own"].GetValue<bool>().ShouldBeTrue();
    }

    [Fact]
    public async Task Without_leave_nobody_makes_an_account_and_published_passwords_open_nothing()
    {
        using var own = new JauntyServer(TestDatabase.Create(), null);
        using Lesson head = await Lesson.Begin(own, "strict");
        await head.MakeHead(own);
        await head.Teacher.Put(
            "school",
            new JsonObject
            {
                ["teachersMayRegister"] = false,
                ["keepAnswersMonths"] = 24,
                ["keepArchivedMonths"] = 12,
            }
        );
        using var stranger = new Visitor(own);
        (await stranger.BecomeTeacher("stranger")).Status.ShouldBe(HttpStatusCode.Forbidden);
        // Somebody took the made-up teacher along into a real school.
        TestDatabase.Run(
            own.Connection,
            "UPDATE school SET teachers_may_register = true; SELECT pg_notify('jaunty_changes', 'school')"
        );
        (
            await head.Teacher.Put(
                "account/password",
                new JsonObject
                {
                    ["current"] = "a few words in a row",
                    ["password"] = DemoData.Password,
                }
            )
        )["errors"]
            ["password"]
            .ShouldNotBeNull();
        (await DemoData.FillAsync(own.Services)).ShouldBeFalse();
    }

    [Fact]
    public async Task A_database_made_up_is_filled_once_even_by_two_at_once_and_says_so()
    {
        string connection = TestDatabase.Create();
        using var one = new JauntyServer(connection, null);
        using var other = new JauntyServer(connection, null);
        bool[] filled = await Task.WhenAll(
            DemoData.FillAsync(one.Services),
            DemoData.FillAsync(other.Services)
        );
        filled.Count(f => f).ShouldBe(1);
        using var visitor = new Visitor(other);
        (await visitor.Get("school"))["isDemo"].GetValue<bool>().ShouldBeTrue();
        await visitor.Get("session");
        (
            await visitor.Post(
                "session",
                new JsonObject
                {
                    ["userName"] = DemoData.UserName,
                    ["password"] = DemoData.Password,
                }
            )
        ).Status.ShouldBe(HttpStatusCode.OK);
        // The same accounts in a school that is not made up: published passwords open nothing.
        TestDatabase.Run(
            connection,
            "UPDATE school SET is_demo = false; SELECT pg_notify('jaunty_changes', 'school')"
        );
        using var thief = new Visitor(one);
        await thief.Get("session");
        for (int i = 0; ; i++)
        {
            Reply refused = await thief.Post(
                "session",
                new JsonObject
                {
                    ["userName"] = DemoData.UserName,
                    ["password"] = DemoData.Password,
                }
            );
            // The change is heard within a moment.
            if (refused.Status == HttpStatusCode.Unauthorized)
            {
                break;
            }
            i.ShouldBeLessThan(50);
            await Task.Delay(20);
        }
        (await thief.Join(DemoData.ClassCode, "Wren", DemoData.PinOf(22))).Status.ShouldBe(
            HttpStatusCode.Unauthorized
        );
    }

    [Fact]
    public async Task From_the_command_line_the_first_head_comes_and_accounts_are_looked_after()
    {
        using var own = new JauntyServer(TestDatabase.Create(), null);
        string first = await Command(own, "first-head");
        first.ShouldStartWith("/desk#/welcome/");
        // Asked again before it was used, a new one takes its place.
        string again = await Command(own, "first-head");
        using var visitor = new Visitor(own);
        await visitor.Get("session");
        async Task<Reply> Use(string path) =>
            await visitor.Post(
                "links/invitation",
                new JsonObject
                {
                    ["key"] = path.Split("/welcome/")[1],
                    ["userName"] = "marsh",
                    ["displayName"] = "R. Marsh",
                    ["password"] = "seven small boats",
                }
            );
        (await Use(first)).Status.ShouldBe(HttpStatusCode.NotFound);
        (await Use(again))["head"].GetValue<bool>().ShouldBeTrue();
        (await Command(own, "first-head")).ShouldBe("");
        (await Command(own, "people", "list")).ShouldContain("marsh\tR. Marsh\thead");
        (await Command(own, "people", "reset", "marsh")).ShouldStartWith("/desk#/welcome/");
        (await Command(own, "people", "sign-out", "marsh")).ShouldContain("signed out");
        for (int i = 0; (await visitor.Get("classes")).Status == HttpStatusCode.OK; i++)
        {
            i.ShouldBeLessThan(50);
            await Task.Delay(20);
        }
        (await Command(own, "people", "remove", "marsh")).ShouldContain("0 classes");
    }

    private static async Task<string> Command(JauntyServer server, params string[] arguments)
    {
        TextWriter before = Console.Out;
        using var written = new StringWriter();
        Console.SetOut(written);
        try
        {
            await CommandLine.RunAsync(
                [.. arguments],
                ("ConnectionStrings:Jaunty", server.Connection)
            );
        }
        finally
        {
            Console.SetOut(before);
        }
        return written.ToString().Trim();
    }
}
