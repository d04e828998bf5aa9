using JauntyCompass.Server;
using JauntyCompass.Server.Commands;
using JauntyCompass.Server.Storage;

if (args is [var first, ..] && !first.StartsWith('-'))
{
    return await CommandLine.RunAsync(args);
}

WebApplication app = Application.Build(args);
try
{
    if (await StorageSetup.VersionFaultAsync(app.Services) is string fault)
    {
        await Console.Error.WriteLineAsync(fault);
        return 1;
    }
}
catch (Exception error) when (StorageSetup.IsOutage(error))
{
    // One line that ./start passes on.
    await Console.Error.WriteLineAsync(StorageSetup.OutageText(error));
    return 1;
}
await app.RunAsync();
return 0;

/// <summary>Entry point; named so that tests can start the application.</summary>
public partial class Program;
