using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Hybrid;

namespace JauntyCompass.Server.Storage.Sharing;

/// <summary>
/// What a host remembers of the database for a moment. It never changes a result: a change is told to all hosts through the
/// database, in the transaction that makes it, and what is remembered of the thing is forgotten everywhere.
/// </summary>
public sealed class SharedCache(HybridCache cache)
{
    /// <summary>The channel on which changes are told.</summary>
    public const string Channel = "jaunty_changes";

    private const string Everything = "*";

    // The listener forgets at once; this only bounds how much lies about.
    private static readonly HybridCacheEntryOptions Kept = new()
    {
        Expiration = TimeSpan.FromMinutes(10),
        LocalCacheExpiration = TimeSpan.FromMinutes(10),
    };

    private volatile bool _hears;

    /// <summary>A thing by its key: remembered, or loaded once for all who ask at the same moment.</summary>
    /// <param name="key">What it is, with its id.</param>
    /// <param name="load">Loads it.</param>
    /// <param name="parts">What it is made of: a change of any of these makes it be forgotten.</param>
    /// <param name="cancellation">Ends the waiting.</param>
    public ValueTask<T> Get<T>(
        string key,
        Func<CancellationToken, ValueTask<T>> load,
        IEnumerable<string> parts,
        CancellationToken cancellation
    )
        where T : IRemembered =>
        _hears ? cache.GetOrCreateAsync(key, load, Kept, parts, cancellation) : load(cancellation);

    /// <summary>
    /// Makes a change and tells all hosts of it, in one transaction. When this returns, this host has forgotten what it knew.
    /// </summary>
    /// <param name="database">Where the change is made.</param>
    /// <param name="parts">What is changed.</param>
    /// <param name="change">Makes it.</param>
    /// <param name="cancellation">Gives up, and changes nothing.</param>
    public async Task<T> Change<T>(
        JauntyDbContext database,
        string[] parts,
        Func<Task<T>> change,
        CancellationToken cancellation
    )
    {
        T result;
        if (database.Database.CurrentTransaction is null)
        {
            await using var transaction = await database.Database.BeginTransactionAsync(
                cancellation
            );
            result = await change();
            await Notify(database, parts, cancellation);
            await transaction.CommitAsync(cancellation);
        }
        else
        {
            result = await change();
            await Notify(database, parts, cancellation);
        }
        await cache.RemoveByTagAsync(parts, CancellationToken.None);
        return result;
    }

    /// <summary>Saves what is changed and tells all hosts of it.</summary>
    public Task<int> Save(
        JauntyDbContext database,
        string[] parts,
        CancellationToken cancellation
    ) => Change(database, parts, () => database.SaveChangesAsync(cancellation), cancellation);

    /// <summary>Forgets at this host what is made of a part; for after a transaction in which the change was told.</summary>
    public void Forget(string part) => Changed(part);

    internal void Changed(string part) => _ = cache.RemoveByTagAsync(part).AsTask();

    // What was changed while nobody heard is unknown.
    internal async Task CanHear()
    {
        await cache.RemoveByTagAsync(Everything);
        _hears = true;
    }

    internal void CannotHear() => _hears = false;

    private static Task<int> Notify(
        JauntyDbContext database,
        string[] parts,
        CancellationToken cancellation
    ) =>
        database.Database.ExecuteSqlAsync(
            $"SELECT pg_notify({Channel}, part) FROM unnest({parts}) AS part",
            cancellation
        );
}

/// <summary>What a remembered thing may be made of.</summary>
public static class Part
{
    public static string Class(Guid id) => $"class:{id}";

    public static string Assignment(Guid id) => $"assignment:{id}";

    public static string Person(Guid id) => $"person:{id}";

    public const string School = "school";
}
