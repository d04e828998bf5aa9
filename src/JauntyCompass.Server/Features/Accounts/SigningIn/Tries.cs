using System.Globalization;
using System.Net;
using System.Net.Sockets;
using System.Security.Cryptography;
using System.Text;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Storage;

namespace JauntyCompass.Server.Features.Accounts.SigningIn;

/// <summary>One thing that a try counts for.</summary>
/// <param name="Bucket">What is counted.</param>
/// <param name="Subject">Whom a new PIN or password of theirs frees of it.</param>
/// <param name="Policy">How often it may be tried.</param>
public sealed record CountedTry(byte[] Bucket, byte[] Subject, TryPolicy Policy);

/// <summary>
/// Counts tries to sign in, in the database and before anything is verified, so that tries made at the same moment all count, at
/// whichever host. A name that exists and one that does not are counted alike. Rows are always locked in the order of their buckets, so
/// that two tries cannot wait for each other.
/// </summary>
public sealed class Tries(JauntyDbContext database, TimeProvider clock)
{
    private static readonly DateTimeOffset LongAgo = DateTimeOffset.UnixEpoch;

    /// <summary>A try to be a student.</summary>
    /// <param name="classCode">The code of the class, as it is compared.</param>
    /// <param name="nameKey">The name, as it is compared.</param>
    /// <param name="context">Where it comes from.</param>
    /// <param name="device">The device it comes from.</param>
    public static IReadOnlyList<CountedTry> AsStudent(
        string classCode,
        string nameKey,
        HttpContext context,
        KnownDevice device
    ) => As(StudentSubject(classCode, nameKey), context, device, Hash("class", classCode));

    /// <summary>A try to be a teacher.</summary>
    public static IReadOnlyList<CountedTry> AsTeacher(
        string userName,
        HttpContext context,
        KnownDevice device
    ) => As(TeacherSubject(userName), context, device, classBucket: null);

    /// <summary>A try with a card or a one-time address, which cannot be guessed: only the address is counted.</summary>
    public static IReadOnlyList<CountedTry> WithSecret(HttpContext context)
    {
        byte[] address = Hash("address", AddressOf(context));
        return [new CountedTry(address, address, TryPolicy.AtAll)];
    }

    /// <summary>Who a student is, for counting.</summary>
    public static byte[] StudentSubject(string classCode, string nameKey) =>
        Hash("student", classCode, nameKey);

    /// <summary>Who a teacher is, for counting.</summary>
    public static byte[] TeacherSubject(string userName) =>
        Hash("teacher", userName.Trim().ToUpperInvariant());

    /// <summary>Takes one try. Returns how long to wait where none is open; then nothing may be verified.</summary>
    public async Task<TimeSpan?> Take(
        IReadOnlyList<CountedTry> tried,
        CancellationToken cancellation
    )
    {
        await using IDbContextTransaction transaction =
            await database.Database.BeginTransactionAsync(cancellation);
        Dictionary<string, SignInTries> known = await Locked(tried, cancellation);
        // Only now: whoever waited for the lock must not be older than what it kept.
        DateTimeOffset now = clock.GetUtcNow();
        DateTimeOffset open = known.Values.Max(k => k.OpenAt);
        if (open > now)
        {
            return open - now;
        }
        foreach ((byte[] bucket, byte[] _, TryPolicy policy) in tried)
        {
            SignInTries row = known[Convert.ToHexString(bucket)];
            row.Count = (now - row.LastAt > policy.ForgottenAfter ? 0 : row.Count) + 1;
            row.LastAt = now;
            row.OpenAt = now + policy.PauseAfter(row.Count);
        }
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return null;
    }

    /// <summary>A try that was right does not count: it is given back.</summary>
    public Task GiveBack(IReadOnlyList<CountedTry> tried, CancellationToken cancellation)
    {
        byte[][] buckets = [.. tried.Select(t => t.Bucket)];
        return database.Database.ExecuteSqlAsync(
            $"""
            WITH locked AS (
              SELECT bucket FROM sign_in_tries WHERE bucket = ANY ({buckets}) AND count > 0 ORDER BY bucket FOR UPDATE)
            UPDATE sign_in_tries t SET count = count - 1, open_at = {LongAgo} FROM locked WHERE t.bucket = locked.bucket
            """,
            cancellation
        );
    }

    /// <summary>Whoever has a new PIN or password need not wait for what was tried before.</summary>
    public Task Clear(byte[] subject, CancellationToken cancellation) =>
        database.Database.ExecuteSqlAsync(
            $"""
            WITH locked AS (SELECT bucket FROM sign_in_tries WHERE subject = {subject} ORDER BY bucket FOR UPDATE)
            DELETE FROM sign_in_tries t USING locked WHERE t.bucket = locked.bucket
            """,
            cancellation
        );

    /// <summary>The answer to a try that comes too soon; the same for names that exist and for those that do not.</summary>
    public static ProblemHttpResult TooSoon(HttpContext context, TimeSpan wait)
    {
        int seconds = Math.Max(1, (int)Math.Ceiling(wait.TotalSeconds));
        context.Response.Headers.RetryAfter = seconds.ToString(CultureInfo.InvariantCulture);
        return Problems.Of(
            StatusCodes.Status429TooManyRequests,
            Text.Problems.TooManyTries,
            seconds < 100
                ? Text.Problems.TooManyTriesSeconds(seconds)
                : Text.Problems.TooManyTriesMinutes((seconds + 59) / 60)
        );
    }

    private async Task<Dictionary<string, SignInTries>> Locked(
        IReadOnlyList<CountedTry> tried,
        CancellationToken cancellation
    )
    {
        CountedTry[] ordered = [.. tried.OrderBy(t => Convert.ToHexString(t.Bucket))];
        byte[][] buckets = [.. ordered.Select(t => t.Bucket)];
        byte[][] subjects = [.. ordered.Select(t => t.Subject)];
        await database.Database.ExecuteSqlAsync(
            $"""
            INSERT INTO sign_in_tries (bucket, subject, count, last_at, open_at)
            SELECT bucket, subject, 0, {LongAgo}, {LongAgo}
            FROM unnest({buckets}, {subjects}) WITH ORDINALITY AS t (bucket, subject, place) ORDER BY place
            ON CONFLICT DO NOTHING
            """,
            cancellation
        );
        return await database
            .SignInTries.FromSql(
                $"SELECT * FROM sign_in_tries WHERE bucket = ANY ({buckets}) ORDER BY bucket FOR UPDATE"
            )
            .ToDictionaryAsync(t => Convert.ToHexString(t.Bucket), cancellation);
    }

    private static List<CountedTry> As(
        byte[] subject,
        HttpContext context,
        KnownDevice device,
        byte[]? classBucket
    )
    {
        if (device.Knows(subject))
        {
            // What others try elsewhere must not lock a student out at their own tablet.
            byte[] here = Hash("device", device.Id.ToString(), subject);
            return [new CountedTry(here, subject, TryPolicy.FromKnownDevice)];
        }
        string address = AddressOf(context);
        byte[] anything = Hash("address", address);
        var counted = new List<CountedTry>
        {
            new(Hash("from", address, subject), subject, TryPolicy.FromAddress),
            new(Hash("as", subject), subject, TryPolicy.AsPerson),
            new(anything, anything, TryPolicy.AtAll),
        };
        if (classBucket is not null)
        {
            counted.Add(new CountedTry(classBucket, classBucket, TryPolicy.IntoClass));
        }
        return counted;
    }

    /// <summary>The address a request comes from; of IPv6 the part that names a household or a school.</summary>
    internal static string AddressOf(HttpContext context)
    {
        IPAddress? address = context.Connection.RemoteIpAddress;
        if (address?.IsIPv4MappedToIPv6 == true)
        {
            address = address.MapToIPv4();
        }
        return address?.AddressFamily == AddressFamily.InterNetworkV6
            ? Convert.ToHexString(address.GetAddressBytes().AsSpan(0, 8))
            : address?.ToString() ?? "";
    }

    // Of what is counted only a hash is kept; a length before each part keeps them apart.
    private static byte[] Hash(string what, params object[] parts)
    {
        using var all = new MemoryStream();
        foreach (object part in parts.Prepend(what))
        {
            byte[] bytes = part as byte[] ?? Encoding.UTF8.GetBytes((string)part);
            all.Write(BitConverter.GetBytes(bytes.Length));
            all.Write(bytes);
        }
        return SHA256.HashData(all.ToArray());
    }
}
