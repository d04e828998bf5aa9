using Microsoft.EntityFrameworkCore;
using Npgsql;

namespace JauntyCompass.Server.Storage;

/// <summary>Connects the application to PostgreSQL.</summary>
public static class StorageSetup
{
    /// <summary>Name of the connection string in the configuration.</summary>
    public const string ConnectionName = "Jaunty";

    // A request waits no longer than this for a database that is gone; the browser tries again by itself.
    private const int SecondsToConnect = 3;
    private const int SecondsPerCommand = 10;

    // More of them at work than processors can serve only get in each other's way; who comes while all are busy waits a moment.
    private const int MostConnections = 24;

    public static void AddStorage(this IServiceCollection services, IConfiguration configuration)
    {
        var connection = new NpgsqlConnectionStringBuilder(
            configuration.GetConnectionString(ConnectionName)
        )
        {
            Timeout = SecondsToConnect,
            CommandTimeout = SecondsPerCommand,
            ApplicationName = "jaunty-compass",
            MaxAutoPrepare = 40,
            MaxPoolSize = MostConnections,
        };
        services.AddSingleton(_ =>
            new NpgsqlDataSourceBuilder(connection.ConnectionString).Build()
        );
        services.AddDbContextPool<JauntyDbContext>(
            (provider, options) =>
                options
                    .UseNpgsql(provider.GetRequiredService<NpgsqlDataSource>())
                    .UseSnakeCaseNamingConvention()
        );
    }

    /// <summary>Brings the database up to this version.</summary>
    public static async Task MigrateAsync(IServiceProvider services)
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        await scope.ServiceProvider.GetRequiredService<JauntyDbContext>().Database.MigrateAsync();
    }

    /// <summary>Whether an error means that the database cannot be reached or is going down.</summary>
    public static bool IsOutage(Exception? error)
    {
        for (; error is not null; error = error.InnerException)
        {
            if (error is PostgresException refused)
            {
                // Classes 08 connection, 53 resources, 57 operator intervention (PostgreSQL manual, appendix A).
                return refused.SqlState[..2] is "08" or "53" or "57";
            }
            if (error is NpgsqlException or TimeoutException or System.Net.Sockets.SocketException)
            {
                return true;
            }
        }
        return false;
    }
}
