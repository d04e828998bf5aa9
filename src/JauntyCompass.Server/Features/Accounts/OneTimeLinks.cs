using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>Addresses that work once and for three days: to make an account, or to choose a new password.</summary>
public sealed class OneTimeLinks(JauntyDbContext database, TimeProvider clock)
{
    /// <summary>How long an address works.</summary>
    public static readonly TimeSpan Works = TimeSpan.FromDays(3);

    /// <summary>More are not open at once: an old one is used or runs out first.</summary>
    public const int MostOpen = 200;

    /// <summary>The part of an address of this product that opens the page for a key. What follows # is not sent to any server.</summary>
    public static string PathOf(string key) => $"/desk#/welcome/{key}";

    /// <summary>Makes one and returns its key, or null where too many are open.</summary>
    public async Task<(string Key, DateTimeOffset EndsAt)?> Make(
        LinkPurpose purpose,
        Guid? teacherId,
        bool forHead,
        CancellationToken cancellation
    )
    {
        DateTimeOffset now = clock.GetUtcNow();
        if (await database.OneTimeLinks.CountAsync(l => l.EndsAt > now, cancellation) >= MostOpen)
        {
            return null;
        }
        if (teacherId is not null)
        {
            // Of two for the same person only the newer one works.
            await database
                .OneTimeLinks.Where(l => l.TeacherId == teacherId)
                .ExecuteDeleteAsync(cancellation);
        }
        string key = Secret.New();
        var link = new OneTimeLink
        {
            KeyHash = Secret.HashOf(key),
            Purpose = purpose,
            TeacherId = teacherId,
            ForHead = forHead,
            EndsAt = now + Works,
        };
        database.Add(link);
        await database.SaveChangesAsync(cancellation);
        return (key, link.EndsAt);
    }

    /// <summary>What a key is for, or null when it does not work.</summary>
    public Task<OneTimeLink?> Find(string key, CancellationToken cancellation)
    {
        byte[] hash = Secret.HashOf(key);
        DateTimeOffset now = clock.GetUtcNow();
        return database
            .OneTimeLinks.AsNoTracking()
            .FirstOrDefaultAsync(l => l.KeyHash == hash && l.EndsAt > now, cancellation);
    }

    /// <summary>Uses one up; whether it was still there. To be called in the transaction that does what it is for.</summary>
    public async Task<bool> Use(OneTimeLink link, CancellationToken cancellation) =>
        await database
            .OneTimeLinks.Where(l => l.KeyHash == link.KeyHash)
            .ExecuteDeleteAsync(cancellation) == 1;
}
