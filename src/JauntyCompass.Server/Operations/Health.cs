using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Diagnostics.HealthChecks;
using Microsoft.Extensions.Diagnostics.HealthChecks;

namespace JauntyCompass.Server.Operations;

/// <summary>What a health address answers when all is well.</summary>
public sealed record HealthReply(string Status);

/// <summary>/health/live: the process answers. /health/ready, also /health: it can serve, database and all.</summary>
public static class Health
{
    public static void AddHealth(this IServiceCollection services) =>
        services.AddHealthChecks().AddCheck<DatabaseHealth>("database", tags: ["ready"]);

    public static void MapHealth(this WebApplication app)
    {
        app.MapHealthChecks("/health/live", Options(_ => false));
        app.MapHealthChecks("/health/ready", Options(_ => true));
        app.MapHealthChecks("/health", Options(_ => true));
    }

    // JSON: 200 when all is well, 503 as problem details when not.
    private static HealthCheckOptions Options(Func<HealthCheckRegistration, bool> which) =>
        new()
        {
            Predicate = which,
            ResponseWriter = (context, report) =>
                report.Status == HealthStatus.Healthy
                    ? Results.Ok(new HealthReply("healthy")).ExecuteAsync(context)
                    : Problems
                        .Of(
                            StatusCodes.Status503ServiceUnavailable,
                            Text.Problems.NoDatabase,
                            Text.Problems.NoDatabaseDetail
                        )
                        .ExecuteAsync(context),
        };
}

/// <summary>Whether the database answers.</summary>
public sealed class DatabaseHealth(JauntyDbContext database) : IHealthCheck
{
    public async Task<HealthCheckResult> CheckHealthAsync(
        HealthCheckContext context,
        CancellationToken cancellationToken = default
    )
    {
        try
        {
            return await database.Database.CanConnectAsync(cancellationToken)
                ? HealthCheckResult.Healthy()
                : HealthCheckResult.Unhealthy();
        }
        catch (Exception error) when (StorageSetup.IsOutage(error))
        {
            return HealthCheckResult.Unhealthy();
        }
    }
}
