using Microsoft.AspNetCore.Diagnostics.HealthChecks;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace JauntyCompass.Server.Storage;

/// <summary>What /health answers when all is well.</summary>
public sealed record HealthReply(string Status);

/// <summary>Whether the database answers.</summary>
public sealed class DatabaseHealth(JauntyDbContext database) : IHealthCheck
{
    /// <summary>Answers as JSON: 200 when all is well, 503 as problem details when not.</summary>
    public static HealthCheckOptions Options { get; } =
        new()
        {
            ResponseWriter = (context, report) =>
                report.Status == HealthStatus.Healthy
                    ? Results.Ok(new HealthReply("healthy")).ExecuteAsync(context)
                    : Results
                        .Problem(
                            statusCode: 503,
                            title: "The database does not answer.",
                            detail: "Start it, or check the connection string."
                        )
                        .ExecuteAsync(context),
        };

    public async Task<HealthCheckResult> CheckHealthAsync(
        HealthCheckContext context,
        CancellationToken cancellationToken = default
    )
    {
        try
        {
            await database.Database.ExecuteSqlRawAsync("SELECT 1", cancellationToken);
            return HealthCheckResult.Healthy();
        }
        catch (Exception error) when (StorageSetup.IsOutage(error))
        {
            return HealthCheckResult.Unhealthy();
        }
    }
}
