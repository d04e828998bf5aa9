using System.Diagnostics;
using System.IO.Compression;
using System.Net;
using System.Text.Json.Nodes;
using JauntyCompass.Server.Commands;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;
using Npgsql;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Upgrade;

/// <summary>
/// A database that the version before roles and sessions made, with the demonstration class and a class of somebody's own, is
/// brought up to this version, and people work on.
/// </summary>
public sealed class UpgradeTests
{
    private static async Task<string> Old()
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
                File.OpenRead(
                    Path.Combine(AppContext.BaseDirectory, "Upgrade", "before-schools.sql.gz")
                ),
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
    public async Task A_database_of_the_version_before_is_brought_up_once_and_people_work_on()
    {
        string connection = await Old();
        // Two hosts that are started at the same moment both try.
        int[] codes = await Task.WhenAll(
            Task.Run(() =>
                CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection))
            ),
            Task.Run(() =>
                CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection))
            )
        );
        codes.ShouldBe([0, 0]);
        using var server = new JauntyServer(connection, null);

        // Students, also those whose names come out alike now.
        using var wren = new Visitor(server);
        (await wren.Join("JA6RXC3", "wren", "3918")).Status.ShouldBe(HttpStatusCode.OK);
        JsonNode set = (await wren.Get("bench/assignments")).Body![0]!;
        set["title"]!.GetValue<string>().ShouldBe("Old set");
        Reply work = await wren.Get($"bench/assignments/{set["id"]}");
        work["answers"].AsArray().Count.ShouldBe(1);
        work["drafts"].AsArray().Count.ShouldBe(1);
        work["reflection"]!["line"]!.GetValue<string>().ShouldBe("I look for the zero first.");
        (
            await wren.Post(
                $"bench/assignments/{set["id"]}/answers",
                new JsonObject
                {
                    ["id"] = Guid.NewGuid(),
                    ["itemIndex"] = 1,
                    ["response"] = Lesson.Reading(40),
                }
            )
        ).Status.ShouldBe(HttpStatusCode.OK);
        using var jose = new Visitor(server);
        (await jose.Join("JA6RXC3", "José", "8007")).Status.ShouldBe(HttpStatusCode.OK);
        (await jose.Join("JA6RXC3", "JOSÉ 2", "6161")).Text("name").ShouldBe("José 2");

        // Teachers, by the passwords they had; whoever came first looks after the accounts.
        using var marsh = new Visitor(server);
        await marsh.Get("session");
        Reply entered = await marsh.Post(
            "session",
            new JsonObject { ["userName"] = "marsh", ["password"] = "seven small boats" }
        );
        entered["head"].GetValue<bool>().ShouldBeFalse();
        (await marsh.Get("running-orders")).Body!.AsArray().Count.ShouldBe(1);
        (await marsh.Get("classes")).Body![0]!["rules"]!["scale"]!
            .GetValue<string>()
            .ShouldBe("sizeFirst");
        (
            await server.Ask(d =>
                d.Users.Where(t => t.IsHead).Select(t => t.UserName).ToListAsync()
            )
        ).ShouldBe(["fenwick"]);
        (await marsh.Get("school"))["isDemo"].GetValue<bool>().ShouldBeTrue();
    }

    [Fact]
    public async Task This_version_uses_no_database_that_is_older_or_newer_than_itself()
    {
        string connection = await Old();
        (await ValidationError(connection))!.ShouldContain("migrate");
        await CommandLine.RunAsync(["migrate"], ("ConnectionStrings:Jaunty", connection));
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
