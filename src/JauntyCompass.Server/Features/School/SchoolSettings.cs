using System.ComponentModel;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.School;

/// <summary>How the school has it.</summary>
/// <param name="IsDemo">Whether everything here is made up and its passwords are published.</param>
/// <param name="TeachersMayRegister">Whether teachers may make their own accounts, without an invitation.</param>
/// <param name="KeepAnswersMonths">How many months answers are kept.</param>
/// <param name="KeepArchivedMonths">How many months archived classes are kept.</param>
[ImmutableObject(true)]
public sealed record SchoolReply(
    bool IsDemo,
    bool TeachersMayRegister,
    int KeepAnswersMonths,
    int KeepArchivedMonths
) : IRemembered
{
    int IRemembered.Kilobytes => 1;
}

/// <summary>Reads and changes how the school has it.</summary>
public sealed class SchoolSettings(JauntyDbContext database, SharedCache cache)
{
    public async Task<SchoolReply> Get(CancellationToken cancellation) =>
        await cache.Get(
            "school",
            async stop =>
                await database
                    .Schools.Select(s => new SchoolReply(
                        s.IsDemo,
                        s.TeachersMayRegister,
                        s.KeepAnswersMonths,
                        s.KeepArchivedMonths
                    ))
                    .SingleAsync(stop),
            [Part.School],
            cancellation
        );

    public Task Change(SchoolChange change, CancellationToken cancellation) =>
        cache.Change(
            database,
            [Part.School],
            () =>
                database.Schools.ExecuteUpdateAsync(
                    s =>
                        s.SetProperty(x => x.TeachersMayRegister, change.TeachersMayRegister)
                            .SetProperty(x => x.KeepAnswersMonths, change.KeepAnswersMonths)
                            .SetProperty(x => x.KeepArchivedMonths, change.KeepArchivedMonths),
                    cancellation
                ),
            cancellation
        );
}
