using System.Security.Claims;
using System.Security.Cryptography;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.PuttingAway;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Classes;

public static class ClassEndpoints
{
    // More classes than anybody teaches, also with those of past years.
    private const int MostClasses = 100;

    // No letters that are mistaken for digits or for each other when copied from a board.
    private const string CodeLetters = "ABCDEFGHJKLMNPQRTUVWXY346789";

    public static void MapClasses(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/classes").WithTags("Classes");
        group
            .MapGet("", All)
            .WithName("ListClasses")
            .WithSummary("The classes the teacher teaches.");
        group
            .MapPost("", Add)
            .WithName("AddClass")
            .WithSummary("Makes a class with a new code.")
            .Produces<ClassReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(409)
            .WithExample(new NewClass("6 Heron"));
        group
            .MapGet("/{classId:guid}", One)
            .WithName("GetClass")
            .WithSummary("A class with its students.")
            .Produces<ClassDetailReply>()
            .ProducesProblem(404);
        group
            .MapPatch("/{classId:guid}", Change)
            .WithName("ChangeClass")
            .WithSummary("Renames a class, puts it away or brings it back.")
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new ThingChange("6 Heron", Archived: false));
        group
            .MapGet("/{classId:guid}/contents", ContentsOf)
            .WithName("GetClassContents")
            .WithSummary("What goes with a class that is deleted.")
            .Produces<Contents>()
            .ProducesProblem(404);
        group
            .MapDelete("/{classId:guid}", Delete)
            .WithName("DeleteClass")
            .WithSummary(
                "Deletes a class with all that goes with it; for a day it can be restored."
            )
            .Produces(204)
            .ProducesProblem(404);
        group
            .MapPost("/{classId:guid}/restore", Restore)
            .WithName("RestoreClass")
            .WithSummary("Brings a class back that was deleted within a day.")
            .Produces(204)
            .ProducesProblem(404);
        group
            .MapPut("/{classId:guid}/rules", SetRules)
            .WithName("SetHouseRules")
            .WithSummary("How the class does things: its house rules and words.")
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(HouseRules.Usual);
        group.MapClassTeachers();
        group.MapClassStudents();
        group.MapClassExport();
    }

    private static async Task<Ok<List<ClassReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        return TypedResults.Ok(
            await database
                .ClassesOf(id)
                .OrderBy(c => c.Name)
                .Select(c => new ClassReply(
                    c.Id,
                    c.Name,
                    c.Code,
                    c.Students.Count(s => s.ArchivedAt == null),
                    c.TeacherId == id,
                    c.ArchivedAt != null,
                    c.Rules
                ))
                .ToListAsync(cancellation)
        );
    }

    private static async Task<IResult> Add(
        NewClass request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        if (await database.Classes.CountAsync(c => c.TeacherId == id, cancellation) >= MostClasses)
        {
            return Problems.Full(Text.Problems.FullClasses(MostClasses));
        }
        var made = new SchoolClass
        {
            Id = Guid.CreateVersion7(),
            TeacherId = id,
            Name = request.Name.Trim(),
            Code = RandomNumberGenerator.GetString(CodeLetters, 7),
            CreatedAt = clock.GetUtcNow(),
        };
        database.Add(made);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/v1/classes/{made.Id}",
            new ClassReply(made.Id, made.Name, made.Code, 0, Own: true, Archived: false)
        );
    }

    private static async Task<IResult> One(
        Guid classId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        SchoolClass? found = await database
            .ClassesOf(id)
            .Where(c => c.Id == classId)
            .Include(c => c.Students)
            .Include(c => c.CoTeachers)
            .AsNoTracking()
            .FirstOrDefaultAsync(cancellation);
        if (found is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        Guid[] teachers = [found.TeacherId, .. found.CoTeachers.Select(c => c.TeacherId)];
        Dictionary<Guid, string> names = await database
            .Users.Where(t => teachers.Contains(t.Id))
            .ToDictionaryAsync(t => t.Id, t => t.DisplayName, cancellation);
        return TypedResults.Ok(
            new ClassDetailReply(
                found.Id,
                found.Name,
                found.Code,
                found.TeacherId == id,
                found.ArchivedAt is not null,
                [
                    .. found
                        .Students.OrderBy(s => s.NameKey, StringComparer.Ordinal)
                        .Select(s => new StudentReply(
                            s.Id,
                            s.GivenName,
                            s.ArchivedAt is not null,
                            s.CardHash is not null
                        )),
                ],
                [.. teachers.Select(t => new ColleagueReply(t, names[t]))]
            )
        );
    }

    private static async Task<IResult> Change(
        Guid classId,
        ThingChange request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (request.Name?.Trim().Length > NewClass.LongestName)
        {
            return Problems.Invalid(
                "name",
                Text.Validation.Characters(1, NewClass.LongestName, request.Name.Trim().Length)
            );
        }
        SchoolClass? own = await Own(database, teacher, classId).FirstOrDefaultAsync(cancellation);
        if (own is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        own.Name = request.Name?.Trim() ?? own.Name;
        own.Archive(request.Archived, clock.GetUtcNow());
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        if (own.ArchivedAt is not null)
        {
            await EndSessions(database, classId, cancellation);
        }
        await cache.Save(database, [Part.Class(classId)], cancellation);
        await transaction.CommitAsync(cancellation);
        cache.Forget(Part.Class(classId));
        return TypedResults.NoContent();
    }

    private static async Task<IResult> ContentsOf(
        Guid classId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        if (!await Own(database, teacher, classId).AnyAsync(cancellation))
        {
            return Problems.NotFound(Thing.Class);
        }
        IQueryable<Assignment> given = database.Assignments.Where(a => a.ClassId == classId);
        return TypedResults.Ok(
            new Contents(
                await database.Students.CountAsync(s => s.ClassId == classId, cancellation),
                await given.CountAsync(cancellation),
                await database.AnswersTo(given, cancellation)
            )
        );
    }

    private static async Task<IResult> Delete(
        Guid classId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        SchoolClass? own = await Own(database, teacher, classId).FirstOrDefaultAsync(cancellation);
        if (own is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        own.DeletedAt = clock.GetUtcNow();
        await using var transaction = await database.Database.BeginTransactionAsync(cancellation);
        await EndSessions(database, classId, cancellation);
        await cache.Save(database, [Part.Class(classId)], cancellation);
        await transaction.CommitAsync(cancellation);
        cache.Forget(Part.Class(classId));
        return TypedResults.NoContent();
    }

    private static async Task<IResult> Restore(
        Guid classId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        SchoolClass? own = await database
            .Classes.Deleted()
            .FirstOrDefaultAsync(c => c.Id == classId && c.TeacherId == id, cancellation);
        if (own is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        own.DeletedAt = null;
        await cache.Save(database, [Part.Class(classId)], cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> SetRules(
        Guid classId,
        HouseRules rules,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        SchoolClass? found = await database
            .ClassesOf(teacher.Id())
            .FirstOrDefaultAsync(c => c.Id == classId, cancellation);
        if (found is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        found.Rules = rules;
        await cache.Save(database, [Part.Class(classId)], cancellation);
        return TypedResults.NoContent();
    }

    // What changes a class as a whole is for whoever has it.
    internal static IQueryable<SchoolClass> Own(
        JauntyDbContext database,
        ClaimsPrincipal teacher,
        Guid classId
    )
    {
        Guid teacherId = teacher.Id();
        return database.Classes.Where(c => c.Id == classId && c.TeacherId == teacherId);
    }

    private static Task<int> EndSessions(
        JauntyDbContext database,
        Guid classId,
        CancellationToken cancellation
    ) =>
        database
            .Sessions.Where(s =>
                database.Students.Any(t => t.ClassId == classId && t.Id == s.StudentId)
            )
            .ExecuteDeleteAsync(cancellation);
}
