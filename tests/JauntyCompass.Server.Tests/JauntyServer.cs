using JauntyCompass.Server.Api;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Tests;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.DependencyInjection;
using Npgsql;
using Xunit;

// Most of what a host costs is making it: tests that bring people and things of their own share one, each class at its own work.
[assembly: AssemblyFixture(typeof(JauntyServer))]

namespace JauntyCompass.Server.Tests;

/// <summary>
/// The real server on a real port, with a database of its own. Without limits of rate, since tests go faster than anybody honest
/// and in any order; <see cref="LimitedServer"/> has them.
/// </summary>
public class JauntyServer : WebApplicationFactory<Program>
{
    private readonly IReadOnlyDictionary<string, string> _settings;

    public JauntyServer()
        : this(TestDatabase.Create(), null, (RateLimits.Setting, "false")) { }

    /// <summary>A server on a database of the test's own, with settings and a clock of its own.</summary>
    internal JauntyServer(
        string connection,
        TimeProvider? clock,
        params (string Name, string Value)[] settings
    )
    {
        Connection = connection;
        _clock = clock;
        _settings = settings.ToDictionary(s => s.Name, s => s.Value);
        UseKestrel(0);
        StartServer();
    }

    private readonly TimeProvider? _clock;

    public string Connection { get; }

    public Uri Address => ClientOptions.BaseAddress;

    /// <summary>Runs something against the server's database.</summary>
    public async Task<T> Ask<T>(Func<JauntyDbContext, Task<T>> work)
    {
        await using AsyncServiceScope scope = Services.CreateAsyncScope();
        return await work(scope.ServiceProvider.GetRequiredService<JauntyDbContext>());
    }

    protected override void ConfigureWebHost(IWebHostBuilder builder)
    {
        builder
            .UseEnvironment("Production")
            .UseSetting($"ConnectionStrings:{StorageSetup.ConnectionName}", Connection)
            .UseSetting("Logging:LogLevel:Default", "None")
            // Tests say themselves from which address they come.
            .UseSetting("TrustedProxies", "127.0.0.1;::1");
        foreach ((string name, string value) in _settings)
        {
            builder.UseSetting(name, value);
        }
        if (_clock is not null)
        {
            builder.ConfigureServices(services => services.AddSingleton(_clock));
        }
    }
}

/// <summary>A server as it is in a school, with its limits of rate.</summary>
public sealed class LimitedServer() : JauntyServer(TestDatabase.Create(), null);

/// <summary>A clock that tests move.</summary>
public sealed class TestClock : TimeProvider
{
    private TimeSpan _ahead;

    public override DateTimeOffset GetUtcNow() => base.GetUtcNow() + _ahead;

    public void Advance(TimeSpan by) => _ahead += by;
}

/// <summary>Databases for the tests, on the cluster that JAUNTY_TEST_DATABASE names.</summary>
public static class TestDatabase
{
    private static int _made;
    private static readonly Lazy<string> Template = new(MakeTemplate);

    public static string Cluster =>
        Environment.GetEnvironmentVariable("JAUNTY_TEST_DATABASE")
        ?? throw new InvalidOperationException(
            "Set JAUNTY_TEST_DATABASE to a connection string; scripts/cluster start DIR --throwaway prints one. ./test does it by itself."
        );

    /// <summary>A database of this version, of a school in which teachers may make accounts.</summary>
    public static string Create() => Create(Template.Value);

    /// <summary>An empty database.</summary>
    public static string CreateEmpty() => Create("template0");

    private static string Create(string template)
    {
        string name = $"t{Environment.ProcessId}_{Interlocked.Increment(ref _made)}";
        // Two cannot be made of one template at the same moment.
        lock (Template)
        {
            Run(Cluster, $"CREATE DATABASE {name} TEMPLATE {template}");
        }
        return Of(name);
    }

    private static string MakeTemplate()
    {
        string name = $"base{Environment.ProcessId}";
        Run(Cluster, $"CREATE DATABASE {name}");
        string connection = Of(name) + ";Pooling=false";
        using var context = new JauntyDbContext(Options(connection));
        context.Database.Migrate();
        Run(connection, "UPDATE school SET teachers_may_register = true");
        return name;
    }

    public static DbContextOptions<JauntyDbContext> Options(string connection) =>
        new DbContextOptionsBuilder<JauntyDbContext>()
            .UseNpgsql(connection)
            .UseSnakeCaseNamingConvention()
            .Options;

    public static void Run(string connection, string sql)
    {
        using var open = new NpgsqlConnection(connection);
        open.Open();
        using var command = new NpgsqlCommand(sql, open) { CommandTimeout = 60 };
        command.ExecuteNonQuery();
    }

    private static string Of(string name) =>
        new NpgsqlConnectionStringBuilder(Cluster)
        {
            Database = name,
            MaxPoolSize = 20,
        }.ConnectionString;
}
