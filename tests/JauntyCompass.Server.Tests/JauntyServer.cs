using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Hosting;
using Microsoft.AspNetCore.Mvc.Testing;
using Npgsql;

namespace JauntyCompass.Server.Tests;

/// <summary>The real server on a real port, with a database of its own.</summary>
public sealed class JauntyServer : WebApplicationFactory<Program>
{
    private readonly string _connection;

    public JauntyServer()
        : this(TestDatabase.Create()) { }

    private JauntyServer(string connection)
    {
        _connection = connection;
        UseKestrel(0);
        StartServer();
    }

    /// <summary>A server on a database of the test's own.</summary>
    public static JauntyServer On(string connection) => new(connection);

    public string Connection => _connection;

    public Uri Address => ClientOptions.BaseAddress;

    protected override void ConfigureWebHost(IWebHostBuilder builder) =>
        builder
            .UseSetting($"ConnectionStrings:{StorageSetup.ConnectionName}", _connection)
            .UseSetting("Logging:LogLevel:Default", "None");
}

/// <summary>Databases for the tests, on the cluster that JAUNTY_TEST_DATABASE names.</summary>
public static class TestDatabase
{
    private static int _made;

    public static string Cluster =>
        Environment.GetEnvironmentVariable("JAUNTY_TEST_DATABASE")
        ?? throw new InvalidOperationException(
            "Set JAUNTY_TEST_DATABASE to a connection string; scripts/cluster start DIR --throwaway prints one. ./test does it by itself."
        );

    public static string Create()
    {
        string name = $"t{Environment.ProcessId}_{Interlocked.Increment(ref _made)}";
        using var connection = new NpgsqlConnection(Cluster);
        connection.Open();
        using var command = new NpgsqlCommand($"CREATE DATABASE {name}", connection);
        command.ExecuteNonQuery();
        return new NpgsqlConnectionStringBuilder(Cluster)
        {
            Database = name,
            MaxPoolSize = 20,
        }.ConnectionString;
    }
}
