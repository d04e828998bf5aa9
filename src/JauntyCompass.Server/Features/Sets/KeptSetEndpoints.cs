using System.Security.Claims;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.PuttingAway;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Sets;

/// <summary>What becomes of a set that is kept: another title, put away, deleted. Its items never change.</summary>
public static class KeptSetEndpoints
{
    public static void MapKeptSets(this RouteGroupBuilder sets)
    {
        sets.MapPatch("/{setId:guid}", Change)
            .WithName("ChangeSet")
            .WithSummary("Renames a set, puts it away or brings it back.")
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new ThingChange("Harbour survey", Archived: true));
        sets.MapGet("/{setId:guid}/contents", ContentsOf)
            .WithName("GetSetContents")
            .WithSummary("What goes with a set that is deleted.")
            .Produces<Contents>()
            .ProducesProblem(404);
        sets.MapDelete("/{setId:guid}", Delete)
            .WithName("DeleteSet")
            .WithSummary(
                "Deletes a set, wherever it is given, with all answers to it; for a day it can be restored."
            )
            .Produces(204)
            .ProducesProblem(404);
        sets.MapPost("/{setId:guid}/restore", Restore)
            .WithName("RestoreSet")
            .WithSummary("Brings a set back that was deleted within a day, with what went with it.")
            .Produces(204)
            .ProducesProblem(404);
    }

    private static async Task<IResult> Change(
        Guid setId,
        ThingChange request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        ExerciseSet? set = await database
            .SetsOf(teacher.Id())
            .FirstOrDefaultAsync(s => s.Id == setId, cancellation);
        if (set is null)
        {
            return Problems.NotFound(Thing.Set);
        }
        set.Title = request.Name?.Trim() ?? set.Title;
        set.Archive(request.Archived, clock.GetUtcNow());
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> ContentsOf(
        Guid setId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        if (!await database.SetsOf(teacher.Id()).AnyAsync(s => s.Id == setId, cancellation))
        {
            return Problems.NotFound(Thing.Set);
        }
        IQueryable<Assignment> given = database.Assignments.Where(a => a.SetId == setId);
        return TypedResults.Ok(
            new Contents(
                0,
                await given.CountAsync(cancellation),
                await database.AnswersTo(given, cancellation)
            )
        );
    }

    private static async Task<IResult> Delete(
        Guid setId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        ExerciseSet? set = await database
            .SetsOf(teacher.Id())
            .FirstOrDefaultAsync(s => s.Id == setId, cancellation);
        if (set is null)
        {
            return Problems.NotFound(Thing.Set);
        }
        set.DeletedAt = clock.GetUtcNow();
        await ChangeGiven(
            database.Assignments.Where(a => a.SetId == setId),
            set.DeletedAt,
            database,
            cache,
            cancellation
        );
        return TypedResults.NoContent();
    }

    private static async Task<IResult> Restore(
        Guid setId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        ExerciseSet? set = await database
            .Sets.Deleted()
            .FirstOrDefaultAsync(s => s.Id == setId && s.TeacherId == id, cancellation);
        if (set is null)
        {
            return Problems.NotFound(Thing.Set);
        }
        // What was deleted before the set was stays deleted.
        DateTimeOffset? at = set.DeletedAt;
        set.DeletedAt = null;
        await ChangeGiven(
            database.Assignments.Deleted().Where(a => a.SetId == setId && a.DeletedAt == at),
            null,
            database,
            cache,
            cancellation
        );
        return TypedResults.NoContent();
    }

    private static async Task ChangeGiven(
        IQueryable<Assignment> assignments,
        DateTimeOffset? deletedAt,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        List<Assignment> given = await assignments.ToListAsync(cancellation);
        given.ForEach(a => a.DeletedAt = deletedAt);
        await cache.Save(database, [.. given.Select(a => Part.Assignment(a.Id))], cancellation);
    }
}
