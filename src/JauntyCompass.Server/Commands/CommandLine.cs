using System.CommandLine;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Demo;
using JauntyCompass.Server.Features.Keeping;
using JauntyCompass.Server.Features.School;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.DataProtection;
using Microsoft.AspNetCore.OpenApi;
using Microsoft.OpenApi;
using QRCoder;

namespace JauntyCompass.Server.Commands;

/// <summary>What is done on the server by command instead of by page.</summary>
public static class CommandLine
{
    /// <summary>Runs a command and returns its exit code.</summary>
    /// <param name="args">The command line.</param>
    /// <param name="settings">Configuration beside that of the environment.</param>
    public static async Task<int> RunAsync(
        string[] args,
        params (string Name, string Value)[] settings
    )
    {
        Settings.Value = [.. settings.Select(s => $"--{s.Name}={s.Value}")];
        var root = new RootCommand("Jaunty Compass: commands for whoever runs the server.")
        {
            Migrate(),
            Tidy(),
            Describe(),
            School(),
            QrCode(),
            Healthy(),
        };
        foreach (Command command in PeopleCommands.All())
        {
            root.Add(command);
        }
        try
        {
            return await root.Parse(args)
                .InvokeAsync(new InvocationConfiguration { EnableDefaultExceptionHandler = false });
        }
        catch (Exception error) when (StorageSetup.IsOutage(error))
        {
            await Console.Error.WriteLineAsync(StorageSetup.OutageText(error));
            return 1;
        }
    }

    private static readonly AsyncLocal<string[]> Settings = new();

    /// <summary>A command that needs the application's services, but no web server.</summary>
    internal static async Task<int> With(Func<IServiceProvider, Task<int>> work)
    {
        await using WebApplication app = Application.Build(Settings.Value ?? []);
        await using AsyncServiceScope scope = app.Services.CreateAsyncScope();
        return await work(scope.ServiceProvider);
    }

    private static Command Migrate()
    {
        var demo = new Option<bool>("--demo")
        {
            Description =
                "Fills it with the demonstration if nobody is in it yet, and prints who can sign in.",
        };
        var command = new Command("migrate", "Brings the database up to this version.") { demo };
        command.SetAction(parsed =>
            With(async services =>
            {
                if (await StorageSetup.ForeignVersionAsync(services) is string fault)
                {
                    await Console.Error.WriteLineAsync(fault);
                    return 1;
                }
                await StorageSetup.MigrateAsync(services);
                // The first key is made here, and not by the first request.
                services
                    .GetRequiredService<IDataProtectionProvider>()
                    .CreateProtector("")
                    .Protect([]);
                await Console.Out.WriteLineAsync("The database is up to this version.");
                if (parsed.GetValue(demo))
                {
                    await DemoData.FillAsync(services);
                    await DemoData.PrintSignInsAsync(services, Console.Out);
                }
                return 0;
            })
        );
        return command;
    }

    private static Command Tidy()
    {
        var command = new Command(
            "tidy",
            "Deletes now what is no longer kept; the server does it daily."
        );
        command.SetAction(
            (_, cancellation) =>
                With(async services =>
                {
                    Tidied done = await services
                        .GetRequiredService<Tidying>()
                        .RunAsync(cancellation);
                    await Console.Out.WriteLineAsync(
                        $"Deleted: {done.Answers} answers, {done.Drafts} drafts, {done.Classes} archived classes, {done.Deleted} things that somebody deleted."
                    );
                    return 0;
                })
        );
        return command;
    }

    private static Command School()
    {
        var command = new Command(
            "school",
            "Prints what the database holds: demo, whose passwords are public, or school."
        );
        command.SetAction(
            (_, cancellation) =>
                With(async services =>
                {
                    SchoolReply school = await services
                        .GetRequiredService<SchoolSettings>()
                        .Get(cancellation);
                    await Console.Out.WriteLineAsync(school.IsDemo ? "demo" : "school");
                    return 0;
                })
        );
        return command;
    }

    private static Command Healthy()
    {
        var address = new Argument<string>("address") { Description = "Where the server is." };
        var command = new Command("healthy", "Whether a server is ready; for containers.")
        {
            address,
        };
        command.SetAction(
            async (parsed, cancellation) =>
            {
                using var http = new HttpClient { Timeout = TimeSpan.FromSeconds(3) };
                try
                {
                    using HttpResponseMessage reply = await http.GetAsync(
                        new Uri(new Uri(parsed.GetRequiredValue(address)), "/health/ready"),
                        cancellation
                    );
                    return reply.IsSuccessStatusCode ? 0 : 1;
                }
                catch (Exception failure)
                    when (failure is HttpRequestException or TaskCanceledException)
                {
                    return 1;
                }
            }
        );
        return command;
    }

    private static Command QrCode()
    {
        var text = new Argument<string>("text") { Description = "What it holds." };
        var command = new Command("qr", "Prints a QR code. Needs no database.") { text };
        command.SetAction(async parsed =>
        {
            using var generator = new QRCodeGenerator();
            using QRCodeData data = generator.CreateQrCode(
                parsed.GetRequiredValue(text),
                QRCodeGenerator.ECCLevel.M
            );
            using var code = new AsciiQRCode(data);
            await Console.Out.WriteLineAsync(code.GetGraphicSmall());
            return 0;
        });
        return command;
    }

    private static Command Describe()
    {
        var file = new Argument<string>("file") { Description = "Where it is written." };
        var command = new Command(
            "describe",
            "Writes the description of the interface (OpenAPI). Needs no database."
        )
        {
            file,
        };
        command.SetAction(async parsed =>
        {
            // The description knows the endpoints only once the application has started; no database need be there.
            await using WebApplication app = Application.Build([
                "--urls",
                "http://127.0.0.1:0",
                "--Logging:LogLevel:Default=None",
                "--Logging:LogLevel:JauntyCompass=None",
                "--ConnectionStrings:Jaunty=Host=127.0.0.1;Port=1",
            ]);
            await app.StartAsync();
            var provider = app.Services.GetRequiredKeyedService<IOpenApiDocumentProvider>(
                OpenApiSetup.DocumentName
            );
            OpenApiDocument document = await provider.GetOpenApiDocumentAsync();
            await File.WriteAllTextAsync(
                parsed.GetRequiredValue(file),
                await document.SerializeAsJsonAsync(OpenApiSpecVersion.OpenApi3_1)
            );
            await app.StopAsync();
            return 0;
        });
        return command;
    }
}
