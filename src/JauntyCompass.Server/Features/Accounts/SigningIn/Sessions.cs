using System.ComponentModel;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts.SigningIn;

/// <summary>Who is signed in under a key, as they are now; until when.</summary>
/// <param name="PersonId">The teacher or the student.</param>
/// <param name="Name">What they are called.</param>
/// <param name="ClassId">For a student: their class.</param>
/// <param name="IsHead">For a teacher: whether they look after the accounts.</param>
/// <param name="EndsAt">When the session ends at the latest.</param>
[ImmutableObject(true)]
public sealed record SignedIn(
    Guid PersonId,
    string Name,
    Guid? ClassId,
    bool IsHead,
    DateTimeOffset EndsAt
) : IRemembered
{
    int IRemembered.Kilobytes => 1;
}

/// <summary>
/// Who is signed in, in the database: a session ends with its row, at every host at once, whatever cookie somebody still has.
/// </summary>
public sealed class Sessions(JauntyDbContext database, SharedCache cache, TimeProvider clock)
{
    /// <summary>More at once are nobody's: the oldest end.</summary>
    public const int MostOfOnePerson = 20;

    private static readonly SignedIn Nobody = new(
        Guid.Empty,
        "",
        null,
        false,
        DateTimeOffset.MinValue
    );
    private static readonly TimeSpan SchoolDay = TimeSpan.FromHours(12);
    private static readonly TimeSpan KeptSignedIn = TimeSpan.FromDays(30);

    /// <summary>How long a session lasts at the longest.</summary>
    public static TimeSpan Longest(bool keep) => keep ? KeptSignedIn : SchoolDay;

    /// <summary>Begins a session and returns its key.</summary>
    public async Task<string> Begin(
        Guid? teacherId,
        Guid? studentId,
        bool keep,
        CancellationToken cancellation
    )
    {
        string key = Secret.New();
        DateTimeOffset now = clock.GetUtcNow();
        database.Add(
            new Session
            {
                KeyHash = Secret.HashOf(key),
                TeacherId = teacherId,
                StudentId = studentId,
                BeganAt = now,
                EndsAt = now + Longest(keep),
            }
        );
        await database.SaveChangesAsync(cancellation);
        IQueryable<Session> own = Of(teacherId ?? studentId!.Value);
        if (await own.CountAsync(cancellation) > MostOfOnePerson)
        {
            await End(
                own.OrderByDescending(s => s.BeganAt).Skip(MostOfOnePerson),
                teacherId ?? studentId!.Value,
                cancellation
            );
        }
        return key;
    }

    /// <summary>Who is signed in under a key, or nobody.</summary>
    /// <param name="key">The key of the session.</param>
    /// <param name="personId">Whose session the sealed cookie says it is.</param>
    /// <param name="classId">For a student: of which class, by the cookie.</param>
    /// <param name="cancellation">Ends the waiting.</param>
    public async Task<SignedIn?> Find(
        string key,
        Guid personId,
        Guid? classId,
        CancellationToken cancellation
    )
    {
        byte[] hash = Secret.HashOf(key);
        SignedIn found = await cache.Get(
            $"session:{Convert.ToHexString(hash)}",
            async stop =>
                SignedInOf(
                    await database
                        .Sessions.AsNoTracking()
                        .Include(s => s.Teacher)
                        .Include(s => s.Student)
                        .FirstOrDefaultAsync(
                            s =>
                                s.KeyHash == hash
                                && (s.TeacherId == personId || s.StudentId == personId),
                            stop
                        )
                ) ?? Nobody,
            classId is Guid ofClass
                ? [Part.Person(personId), Part.Class(ofClass)]
                : [Part.Person(personId)],
            cancellation
        );
        return found.EndsAt > clock.GetUtcNow() ? found : null;
    }

    /// <summary>Ends the session under a key.</summary>
    public Task EndKey(string key, Guid personId, CancellationToken cancellation)
    {
        byte[] hash = Secret.HashOf(key);
        return End(database.Sessions.Where(s => s.KeyHash == hash), personId, cancellation);
    }

    /// <summary>Ends all sessions of someone, but perhaps one.</summary>
    public Task EndAll(Guid personId, string? butKey, CancellationToken cancellation)
    {
        byte[] kept = butKey is null ? [] : Secret.HashOf(butKey);
        return End(Of(personId).Where(s => s.KeyHash != kept), personId, cancellation);
    }

    private IQueryable<Session> Of(Guid personId) =>
        database.Sessions.Where(s => s.TeacherId == personId || s.StudentId == personId);

    private Task<int> End(
        IQueryable<Session> sessions,
        Guid personId,
        CancellationToken cancellation
    ) =>
        cache.Change(
            database,
            [Part.Person(personId)],
            () => sessions.ExecuteDeleteAsync(cancellation),
            cancellation
        );

    private static SignedIn? SignedInOf(Session? session) =>
        session switch
        {
            { Teacher: Teacher teacher } => new SignedIn(
                teacher.Id,
                teacher.DisplayName,
                null,
                teacher.IsHead,
                session.EndsAt
            ),
            { Student: { ArchivedAt: null } student } => new SignedIn(
                student.Id,
                student.GivenName,
                student.ClassId,
                false,
                session.EndsAt
            ),
            _ => null,
        };
}
