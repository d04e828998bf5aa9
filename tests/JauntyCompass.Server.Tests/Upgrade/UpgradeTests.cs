using System.Diagnostics;
using System.IO.Compression;
using JauntyCompass.Server.Commands;
using JauntyCompass.Server.Storage;
using Npgsql;
using Shouldly;
using Xunit;

namespace JauntyCompass.Server.Tests.Upgrade;

/// <summary>
/// A database of another version: one from before stored forms began anew is left alone, and whoever starts is told what to do.
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
    public async Task A_database_that_cannot_be_read_is_left_as_it_is_and_that_is_said()
    {
        string connection = await Old();
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
