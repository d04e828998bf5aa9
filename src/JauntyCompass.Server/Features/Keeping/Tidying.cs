using JauntyCompass.Server.Features.PuttingAway;
using JauntyCompass.Server.Features.School;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Keeping;

/// <summary>How many things were deleted for good because they are no longer kept.</summary>
public sealed record Tidied(int Answers, int Drafts, int Classes, int Deleted);

/// <summary>Deletes what is no longer kept: by the school's settings, and what somebody deleted a day ago.</summary>
public sealed class Tidying(JauntyDbContext database, SchoolSettings settings, TimeProvider clock)
{
    /// <summary>Work that was not handed in is kept for so long.</summary>
    public static readonly TimeSpan DraftsKept = TimeSpan.FromDays(60);

    private static readonly TimeSpan TriesKept = TimeSpan.FromDays(1);

    /// <summary>Deletes it, all or nothing.</summary>
    public async Task<Tidied> RunAsync(CancellationToken cancellation)
    {
        SchoolReply school = await settings.Get(cancellation);
        DateTimeOffset now = clock.GetUtcNow();
        DateTimeOffset oldAnswer = now.AddMonths(-school.KeepAnswersMonths);
        DateTimeOffset oldClass = now.AddMonths(-school.KeepArchivedMonths);
        DateTimeOffset oldDraft = now - DraftsKept;
        DateTimeOffset oldTry = now - TriesKept;
        DateTimeOffset deleted = now - PutAwayExtensions.Undoable;
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        var tidied = new Tidied(
            await database
                .Answers.Where(a => a.ReceivedAt < oldAnswer)
                .ExecuteDeleteAsync(cancellation),
            await database.Drafts.Where(d => d.SavedAt < oldDraft).ExecuteDeleteAsync(cancellation),
            await database
                .Classes.IgnoreQueryFilters()
                .Where(c => c.ArchivedAt < oldClass)
                .ExecuteDeleteAsync(cancellation),
            await Gone(database.Assignments, deleted, cancellation)
                + await Gone(database.Sets, deleted, cancellation)
                + await Gone(database.Students, deleted, cancellation)
                + await Gone(database.Classes, deleted, cancellation)
        );
        await database
            .Reflections.Where(r => r.WrittenAt < oldAnswer)
            .ExecuteDeleteAsync(cancellation);
        await database.Sessions.Where(s => s.EndsAt < now).ExecuteDeleteAsync(cancellation);
        await database.OneTimeLinks.Where(l => l.EndsAt < now).ExecuteDeleteAsync(cancellation);
        await database.SignInTries.Where(t => t.LastAt < oldTry).ExecuteDeleteAsync(cancellation);
        await database.Schools.ExecuteUpdateAsync(
            s => s.SetProperty(x => x.TidiedAt, now),
            cancellation
        );
        await transaction.CommitAsync(cancellation);
        return tidied;
    }

    private static Task<int> Gone<T>(
        IQueryable<T> things,
        DateTimeOffset before,
        CancellationToken cancellation
    )
        where T : class, IPutAway =>
        things
            .IgnoreQueryFilters()
            .Where(t => t.DeletedAt < before)
            .ExecuteDeleteAsync(cancellation);
}

/// <summary>Tidies once a day; of several hosts one does it.</summary>
public sealed partial class DailyTidying(
    IServiceProvider services,
    TimeProvider clock,
    ILogger<DailyTidying> log
) : BackgroundService
{
    private static readonly TimeSpan Looks = TimeSpan.FromMinutes(20);
    private static readonly TimeSpan Day = TimeSpan.FromHours(23);

    /// <inheritdoc/>
    protected override async Task ExecuteAsync(CancellationToken stoppingToken)
    {
        using var timer = new PeriodicTimer(Looks, clock);
        while (await timer.WaitForNextTickAsync(stoppingToken))
        {
            try
            {
                await RunIfDueAsync(stoppingToken);
            }
            catch (Exception failure) when (StorageSetup.IsOutage(failure))
            {
                // It is tried again at the next look.
            }
        }
    }

    private async Task RunIfDueAsync(CancellationToken stopping)
    {
        await using AsyncServiceScope scope = services.CreateAsyncScope();
        JauntyDbContext database = scope.ServiceProvider.GetRequiredService<JauntyDbContext>();
        DateTimeOffset before = clock.GetUtcNow() - Day;
        DateTimeOffset now = clock.GetUtcNow();
        // Whichever host writes this first is the one.
        int mine = await database
            .Schools.Where(s => s.TidiedAt == null || s.TidiedAt < before)
            .ExecuteUpdateAsync(s => s.SetProperty(x => x.TidiedAt, now), stopping);
        if (mine == 1)
        {
            Tidied tidied = await scope
                .ServiceProvider.GetRequiredService<Tidying>()
                .RunAsync(stopping);
            LogTidied(log, tidied.Answers, tidied.Drafts, tidied.Classes, tidied.Deleted);
        }
    }

    [LoggerMessage(
        LogLevel.Information,
        "No longer kept and deleted: {Answers} answers, {Drafts} drafts, {Classes} archived classes, {Deleted} things that somebody deleted"
    )]
    private static partial void LogTidied(
        ILogger log,
        int answers,
        int drafts,
        int classes,
        int deleted
    );
}
