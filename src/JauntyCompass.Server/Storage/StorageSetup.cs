using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Infrastructure;
using Microsoft.EntityFrameworkCore.Storage;
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
        services.AddSingleton<SharedCache>();
        services.AddHostedService<ChangeListener>();
        // Hundreds of kilobytes hold what a class works at; everything together stays bounded.
        services.AddMemoryCache(options => options.SizeLimit = RememberedWeight.Most);
        services
            .AddHybridCache(options => options.MaximumKeyLength = 200)
            .AddSerializerFactory<RememberedWeight>();
        services.AddDbContextPool<JauntyDbContext>(
            (provider, options) =>
                options
                    .UseNpgsql(provider.GetRequiredService<NpgsqlDataSource>())
                    .UseSnakeCaseNamingConvention()
        );
    }

    /// <summary>Brings the database up to this version; of several that try at once one does it and the others wait.</summary>
    public static async Task MigrateAsync(IServiceProvider services)
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        DatabaseFacade database = scope
            .ServiceProvider.GetRequiredService<JauntyDbContext>()
            .Database;
        // A table may be large; no request waits for this.
        database.SetCommandTimeout(TimeSpan.FromMinutes(10));
        IRelationalDatabaseCreator creator = database.GetService<IRelationalDatabaseCreator>();
        if (!await creator.ExistsAsync())
        {
            await creator.CreateAsync();
        }
        // The framework's own lock ends with each migration; who waited for the first would begin the second a second time.
        await database.OpenConnectionAsync();
        await database.ExecuteSqlAsync($"SELECT pg_advisory_lock({MigrationLock})");
        try
        {
            await database.MigrateAsync();
        }
        finally
        {
            await database.ExecuteSqlAsync($"SELECT pg_advisory_unlock({MigrationLock})");
            await database.CloseConnectionAsync();
        }
    }

    // Any number that nothing else in the database locks.
    private const long MigrationLock = 6_400_002_026;

    /// <summary>What keeps this version from using the database, or null: it is older or newer.</summary>
    public static Task<string?> VersionFaultAsync(IServiceProvider services) =>
        VersionFaultAsync(services, mayBeBroughtUp: false);

    /// <summary>The same where a database that can be brought up to this version is welcome.</summary>
    public static Task<string?> ForeignVersionAsync(IServiceProvider services) =>
        VersionFaultAsync(services, mayBeBroughtUp: true);

    private static async Task<string?> VersionFaultAsync(
        IServiceProvider services,
        bool mayBeBroughtUp
    )
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        DatabaseFacade database = scope
            .ServiceProvider.GetRequiredService<JauntyDbContext>()
            .Database;
        string[] applied = [.. await database.GetAppliedMigrationsAsync()];
        string[] known = [.. database.GetMigrations()];
        string? unknown = applied.Except(known).Min(StringComparer.Ordinal);
        return unknown is not null && string.CompareOrdinal(unknown, known[0]) < 0
                ? "database was made by an older version, whose sets and answers this one cannot read. Nothing was changed. Keep a copy of it if you need one (scripts/backup), then begin anew: ./start --reset"
            : unknown is not null
                ? "database is newer than this version of the application. Install the newer version, or restore a backup that this one made."
            : !mayBeBroughtUp && known.Except(applied).Any()
                ? "database has not been brought up to this version. Run the command: migrate"
            : null;
    }

    /// <summary>An outage as one line that says what to do.</summary>
    public static string OutageText(Exception error) =>
        $"database cannot be reached: {error.GetBaseException().Message.TrimEnd('.')}. Start it, or check the connection string.";

    /// <summary>Whether something is refused because another row has its name already (SQLSTATE 23505, unique violation).</summary>
    public static bool IsTaken(DbUpdateException error) =>
        error.InnerException is PostgresException { SqlState: PostgresErrorCodes.UniqueViolation };

    /// <summary>Whether the database gave up one of several that changed the same things in another order; sent again, it works.</summary>
    public static bool IsCollision(Exception? error)
    {
        for (; error is not null; error = error.InnerException)
        {
            if (error is PostgresException refused)
            {
                return refused.SqlState
                    is PostgresErrorCodes.DeadlockDetected
                        or PostgresErrorCodes.SerializationFailure;
            }
        }
        return false;
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
