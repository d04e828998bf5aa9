using System.Diagnostics;
using System.IO.Compression;
using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Commands;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Npgsql;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Upgrade;

/// <summary>
/// A database of another version: one from before stored forms began anew is left alone, and whoever starts is told what to do.
/// </summary>
public sealed class UpgradeTests
{
    private static string Dumps => Path.Combine(AppContext.BaseDirectory, "Upgrade");

    /// <summary>A database of each form in which things have been stored since then, with one of each kind in it.</summary>
    public static TheoryData<string> Forms =>
        [.. Directory.GetFiles(Dumps, "form-*.sql.gz").Select(f => Path.GetFileName(f)!)];

    private static async Task<string> Old(string name)
    {
        string connection = TestDatabase.CreateEmpty();
        var to = new NpgsqlConnectionStringBuilder(connection);
        string psql = Directory
            .GetFiles("/usr/lib/postgresql", "psql", SearchOption.AllDirectories)
            .Order(StringComparer.Ordinal)
            .Last();
        var start = new ProcessStartInfo(
            psql,
            [
                "-q",
                "-v",
                "ON_ERROR_STOP=1",
                "-h",
                to.Host!,
                "-p",
                $"{to.Port}",
                "-U",
                to.Username!,
                to.Database!,
            ]
        )
        {
            RedirectStandardInput = true,
            RedirectStandardOutput = true,
            Environment = { ["PGPASSWORD"] = to.Password },
        };
        using Process process = Process.Start(start)!;
        await using (
            var dump = new GZipStream(
                File.OpenRead(Path.Combine(Dumps, name)),
                CompressionMode.Decompress
            )
        )
        {
            await dump.CopyToAsync(process.StandardInput.BaseStream);
        }
        process.StandardInput.Close();
        await process.StandardOutput.ReadToEndAsync();
        await process.WaitForExitAsync();
        process.ExitCode.ShouldBe(0);
        return connection;
    }

    [Fact]
    public async Task A_database_that_cannot_be_read_is_left_as_it_is_and_that_is_said()
    {
        string connection = await Old("before-schools.sql.gz");
        var said = new StringWriter();
        TextWriter usual = Console.Error;
        Console.SetError(said);
        try
        {
            (
                await CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection))
            ).ShouldBe(1);
        }
        finally
        {
            Console.SetError(usual);
        }
        said.ToString().ShouldStartWith("database was made by an older version");
        said.ToString().ShouldContain("./start --reset");
        // Nothing of it was touched.
        TestDatabase.Run(connection, "SELECT given_name FROM students");
        (await ValidationError(connection))!.ShouldContain("older version");
    }

    [Theory]
    [MemberData(nameof(Forms))]
    public async Task Everything_that_a_version_has_kept_is_read_by_all_that_follow(string dump)
    {
        string connection = await Old(dump);
        (
            await CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection))
        ).ShouldBe(0);
        using var server = new JauntyServer(connection, null, (RateLimits.Setting, "false"));
        string[] empty = await server.Ask(database => Task.FromResult(EmptyTables(database)));
        empty.ShouldBeSubsetOf([
            "teacher_claims",
            "teacher_logins",
            "teacher_tokens",
            "co_teachers",
            "one_time_links",
            "sessions",
            "sign_in_tries",
            "drafts",
        ]);

        using var teacher = new Visitor(server);
        await teacher.Get("session");
        (
            await teacher.Post(
                "session",
                new JsonObject { ["userName"] = "fenwick", ["password"] = "brass and blue ink" }
            )
        ).Status.ShouldBe(HttpStatusCode.OK);
        var given = (JsonArray)(await teacher.Get("assignments")).Body!;
        given.ShouldNotBeEmpty();
        foreach (JsonNode? assignment in given)
        {
            string id = assignment!["id"]!.GetValue<string>();
            Reply results = await teacher.Get($"assignments/{id}/results");
            results.Status.ShouldBe(HttpStatusCode.OK);
            foreach (JsonNode? student in (JsonArray)results["students"])
            {
                string studentId = student!["studentId"]!.GetValue<string>();
                (
                    await teacher.Get($"assignments/{id}/students/{studentId}/answers")
                ).Status.ShouldBe(HttpStatusCode.OK);
            }
            // An old answer is marked again as one of today is.
            (await teacher.Post($"assignments/{id}/marks", null)).Status.ShouldBe(
                HttpStatusCode.OK
            );
        }
        foreach (string list in (string[])["sets", "classes", "cabinet", "running-orders"])
        {
            ((JsonArray)(await teacher.Get(list)).Body!).ShouldNotBeEmpty(list);
        }

        using var greta = new Visitor(server);
        (await greta.Join("HERON6", "Greta", "6031")).Status.ShouldBe(HttpStatusCode.OK);
        var sets = (JsonArray)(await greta.Get("bench/assignments")).Body!;
        sets.Count.ShouldBe(given.Count);
        foreach (JsonNode? set in sets)
        {
            Reply open = await greta.Get($"bench/assignments/{set!["id"]!.GetValue<string>()}");
            open.Status.ShouldBe(HttpStatusCode.OK);
            ((JsonArray)open["items"]).ShouldAllBe(item =>
                item!["view"]!["prompt"]!["text"]!.GetValue<string>() != ""
            );
        }
    }

    // Reads every row of every table; the names of those that have none.
    private static string[] EmptyTables(JauntyDbContext database)
    {
        System.Reflection.MethodInfo set = typeof(DbContext).GetMethod(
            nameof(DbContext.Set),
            Type.EmptyTypes
        )!;
        return
        [
            .. database
                .Model.GetEntityTypes()
                .Where(e => !e.IsOwned() && !e.HasSharedClrType)
                .Where(e =>
                    ((IQueryable<object>)set.MakeGenericMethod(e.ClrType).Invoke(database, null)!)
                        .ToList()
                        .Count == 0
                )
                .Select(e => e.GetTableName()!),
        ];
    }

    [Fact]
    public async Task An_empty_database_is_made_once_whoever_tries_at_the_same_moment()
    {
        string connection = TestDatabase.CreateEmpty();
        (await ValidationError(connection))!.ShouldContain("migrate");
        int[] codes = await Task.WhenAll(
            Task.Run(() =>
                CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection))
            ),
            Task.Run(() =>
                CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection))
            )
        );
        codes.ShouldBe([0, 0]);
        (await ValidationError(connection)).ShouldBeNull();
        TestDatabase.Run(
            connection,
            """INSERT INTO "__EFMigrationsHistory" VALUES ('29991231235959_Later', '99.0.0')"""
        );
        (await ValidationError(connection))!.ShouldContain("newer");
    }

    private static async Task<string?> ValidationError(string connection)
    {
        await using var app = Application.Build([
            $"--ConnectionStrings:{StorageSetup.ConnectionName}={connection}",
        ]);
        return await StorageSetup.VersionFaultAsync(app.Services);
    }
}
