using System.Diagnostics;
using System.Net;
using JauntyCompass.Server.Features.Demo;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests;

/// <summary>A database that is killed and comes back, on a cluster of its own.</summary>
public sealed class OutageTests : IDisposable
{
    private readonly string _folder = Directory.CreateTempSubdirectory("jaunty-outage").FullName;

    [Fact]
    public async Task While_the_database_is_gone_requests_fail_cleanly_and_afterwards_they_work_again()
    {
        // A cluster that keeps what it has committed, unlike the throwaway one of the other tests. Its folder must be passable
        // for the database's own user.
        await Run("chmod", "755", _folder);
        string cluster = Path.Combine(_folder, "db");
        string connection = await Script("start", cluster);
        try
        {
            using (var context = new JauntyDbContext(TestDatabase.Options(connection)))
            {
                await context.Database.MigrateAsync();
            }
            TestDatabase.Run(connection, "UPDATE school SET teachers_may_register = true");
            using var server = new JauntyServer(connection, null);
            using Lesson lesson = await Lesson.Begin(server, "outage");
            double truth = lesson.TrueMeasure(0);
            var id = Guid.NewGuid();

            await Script("stop", cluster, "immediate");
            Reply failed = await lesson.HandIn(id, 0, Lesson.Reading(truth));
            failed.Status.ShouldBe(HttpStatusCode.ServiceUnavailable);
            failed.Type.ShouldBe("application/problem+json");
            failed.Text("detail").ShouldContain("Nothing was stored");
            (await lesson.Teacher.Get("classes")).Status.ShouldBe(
                HttpStatusCode.ServiceUnavailable
            );
            (await lesson.Teacher.Get("/health")).Status.ShouldBe(
                HttpStatusCode.ServiceUnavailable
            );
            (await lesson.Teacher.Get("instruments")).Status.ShouldBe(HttpStatusCode.OK);

            await Script("restart", cluster);
            Reply again = await lesson.HandIn(id, 0, Lesson.Reading(truth));
            again.Status.ShouldBe(HttpStatusCode.OK);
            again["try"].GetValue<int>().ShouldBe(1);
            (await lesson.Teacher.Get("/health")).Status.ShouldBe(HttpStatusCode.OK);
        }
        finally
        {
            await Script("stop", cluster, "immediate");
        }
    }

    // PostgreSQL gives up one of several that wait for each other.
    [Theory]
    [InlineData("40P01")]
    [InlineData("40001")]
    public async Task Who_is_given_up_for_others_is_told_to_come_again(string state)
    {
        using var server = new JauntyServer();
        using var teacher = new Visitor(server);
        await teacher.BecomeTeacher("given-up");
        TestDatabase.Run(
            server.Connection,
            $"""
            CREATE FUNCTION give_up() RETURNS trigger LANGUAGE plpgsql AS
            $$ BEGIN RAISE EXCEPTION 'given up' USING ERRCODE = '{state}'; END $$;
            CREATE TRIGGER give_up BEFORE INSERT ON classes FOR EACH ROW EXECUTE FUNCTION give_up();
            """
        );
        var heron = new System.Text.Json.Nodes.JsonObject { ["name"] = "6 Heron" };
        Reply refused = await teacher.Post("classes", heron.DeepClone());
        refused.Status.ShouldBe(HttpStatusCode.ServiceUnavailable);
        refused.Type.ShouldBe("application/problem+json");
        refused.RetryAfter.ShouldBe(TimeSpan.FromSeconds(2));
        refused.Text("detail").ShouldContain("Nothing was stored");
        TestDatabase.Run(server.Connection, "DROP TRIGGER give_up ON classes");
        (await teacher.Post("classes", heron)).Status.ShouldBe(HttpStatusCode.Created);
    }

    [Fact]
    public async Task Demonstration_data_is_filled_in_once_and_tells_the_habits_that_made_it()
    {
        using var server = new JauntyServer();
        (await DemoData.FillAsync(server.Services)).ShouldBeTrue();
        (await DemoData.FillAsync(server.Services)).ShouldBeFalse();
        using var teacher = new Visitor(server);
        await teacher.Get("session");
        Reply entered = await teacher.Post(
            "session",
            new System.Text.Json.Nodes.JsonObject
            {
                ["userName"] = DemoData.UserName,
                ["password"] = DemoData.Password,
            }
        );
        entered.Text("name").ShouldBe("M. Fenwick");
        var assignments = (await teacher.Get("assignments")).Body!.AsArray();
        assignments.Count.ShouldBe(2);
        assignments.Select(a => a!["handedIn"]!.GetValue<int>()).ShouldBe([0, 22]);
        Reply results = await teacher.Get($"assignments/{assignments[1]!["id"]}/results");
        results["students"].AsArray().Count.ShouldBe(24);
        var groups = results["groups"].AsArray();
        groups[0]!["cause"]!.GetValue<string>().ShouldBe("other-scale");
        groups[0]!["students"]!
            .AsArray()
            .Select(s => s!.GetValue<string>())
            .ShouldBe(["Bram", "Edda", "Ines", "Mara", "Pip", "Sven"]);
        groups.Single(g => g!["cause"]!.GetValue<string>() == "ticks-backwards")!["students"]!
            .AsArray()
            .Count.ShouldBe(3);
        var students = results["students"].AsArray();
        foreach (var group in groups)
        {
            string[] members =
            [
                .. group!["students"]!.AsArray().Select(n => n!.GetValue<string>()),
            ];
            var rows = students
                .Where(r => members.Contains(r!["givenName"]!.GetValue<string>()))
                .ToArray();
            string cause = group["cause"]!.GetValue<string>();
            if (group["example"] is { } example)
            {
                // Somebody of the group answered that item, and for that reason.
                int item = example["itemIndex"]!.GetValue<int>();
                rows.Select(r => r!["items"]![item]!["cause"]?.GetValue<string>())
                    .ShouldContain(cause);
                example["demonstration"]!.GetValue<string>().ShouldNotBeEmpty();
            }
            if (cause == "not-explained")
            {
                // One odd answer among many right ones makes no group.
                foreach (var progress in rows.Select(r => r!["progress"]!))
                {
                    int answered = progress["answered"]!.GetValue<int>();
                    int accepted = progress["accepted"]!.GetValue<int>();
                    (3 * (answered - accepted)).ShouldBeGreaterThanOrEqualTo(answered);
                }
            }
        }
    }

    private static async Task<string> Script(params string[] arguments)
    {
        string root = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(root, "scripts", "cluster")))
        {
            root =
                Path.GetDirectoryName(root)
                ?? throw new InvalidOperationException("scripts/cluster is not above the tests.");
        }
        return await Run(Path.Combine(root, "scripts", "cluster"), arguments);
    }

    private static async Task<string> Run(string program, params string[] arguments)
    {
        // The database inherits what it is started with; only its own short output may be waited for.
        var start = new ProcessStartInfo(program, arguments) { RedirectStandardOutput = true };
        using Process process = Process.Start(start)!;
        string? first = await process.StandardOutput.ReadLineAsync();
        await process.WaitForExitAsync();
        process.ExitCode.ShouldBe(0);
        return first ?? "";
    }

    public void Dispose() => Directory.Delete(_folder, recursive: true);
}
