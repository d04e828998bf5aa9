using Npgsql;

namespace JauntyCompass.Server.Storage.Sharing;

/// <summary>
/// Hears from the database what any host has changed (PostgreSQL's LISTEN and NOTIFY), so that what this host remembers is
/// forgotten at once. While it cannot hear, nothing that is remembered counts.
/// </summary>
public sealed partial class ChangeListener(
    NpgsqlDataSource source,
    SharedCache cache,
    ILogger<ChangeListener> log
) : BackgroundService
{
    // A line that was cut without a word is noticed after so long.
    private static readonly TimeSpan Silence = TimeSpan.FromSeconds(5);
    private static readonly TimeSpan BeforeNextTry = TimeSpan.FromMilliseconds(300);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        while (!stoppingToken.IsCancellationRequested)
        {
            try
            {
                await ListenAsync(stoppingToken);
            }
            catch (OperationCanceledException) when (stoppingToken.IsCancellationRequested)
            {
                return;
            }
            catch (Exception failure) when (StorageSetup.IsOutage(failure))
            {
                NotHeard(log, failure.GetBaseException().Message);
            }
            finally
            {
                cache.CannotHear();
            }
            await Task.Delay(BeforeNextTry, stoppingToken);
        }
    }

    private async Task ListenAsync(CancellationToken stopping)
    {
        await using NpgsqlConnection connection = await source.OpenConnectionAsync(stopping);
        connection.Notification += (_, told) => cache.Changed(told.Payload);
        await using (var listen = new NpgsqlCommand($"LISTEN {SharedCache.Channel}", connection))
        {
            await listen.ExecuteNonQueryAsync(stopping);
        }
        await cache.CanHear();
        while (true)
        {
            if (!await connection.WaitAsync(Silence, stopping))
            {
                await using var alive = new NpgsqlCommand("SELECT 1", connection);
                await alive.ExecuteScalarAsync(stopping);
            }
        }
    }

    [LoggerMessage(
        LogLevel.Warning,
        "Changes at other hosts cannot be heard, so nothing is remembered until they can: {Reason}"
    )]
    private static partial void NotHeard(ILogger log, string reason);
}
