namespace JauntyCompass.Server.Tests;

/// <summary>Two hosts on one database.</summary>
public sealed class TwoHosts : IDisposable
{
    public TwoHosts()
    {
        string connection = TestDatabase.Create();
        One = new JauntyServer(connection, null);
        Other = new JauntyServer(connection, null);
    }

    public JauntyServer One { get; }

    public JauntyServer Other { get; }

    public void Dispose()
    {
        One.Dispose();
        Other.Dispose();
    }
}
