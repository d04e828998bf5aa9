using System.Security.Claims;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.PuttingAway;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Assignments;

/// <summary>A set to be given to a class.</summary>
/// <param name="SetId">The set.</param>
/// <param name="ClassId">The class.</param>
/// <param name="Tries">How often each item may be answered, 1 to 9.</param>
/// <param name="Weights">How much each step counts, by its key, 0 to 10; left out: as the kinds of exercise have it.</param>
/// <param name="AdaptiveLimit">
/// The most items a student is asked, 1 to 60, each chosen for them until it is known what they do; left out: everyone gets all, in
/// order.
/// </param>
public sealed record NewAssignment(
    Guid SetId,
    Guid ClassId,
    int Tries = 3,
    IReadOnlyDictionary<string, double>? Weights = null,
    int? AdaptiveLimit = null
) : IValidatable
{
    private const int MostWeights = 40;

    public void Validate(ValidationErrors errors)
    {
        errors.Range("tries", Tries, 1, 9);
        if (AdaptiveLimit is int limit)
        {
            errors.Range("adaptiveLimit", limit, 1, SetSpecification.MostItems);
        }
        errors.Range("weights", Weights?.Count ?? 0, 0, MostWeights);
        foreach ((string step, double weight) in Weights?.Take(MostWeights) ?? [])
        {
            errors.Text("weights", step, 1, 40);
            errors.Range("weights", weight, 0, 10);
        }
    }
}

/// <summary>A set given to a class.</summary>
public sealed record AssignmentReply(
    Guid Id,
    Guid SetId,
    string Title,
    Guid ClassId,
    string ClassName,
    int Tries,
    int? AdaptiveLimit,
    DateTimeOffset SetAt,
    DateTimeOffset? ClosedAt,
    bool Archived,
    int Students,
    int HandedIn
);

/// <summary>A change of what is given; what is left out stays as it is.</summary>
/// <param name="Title">What it is called.</param>
/// <param name="Closed">Whether it takes no more answers.</param>
/// <param name="Archived">Whether it is put away: students do not see it.</param>
public sealed record AssignmentChange(
    string? Title = null,
    bool? Closed = null,
    bool? Archived = null
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        if (Title is not null)
        {
            errors.Text("title", Title, 1, ThingChange.LongestName);
        }
    }
}

public static class AssignmentEndpoints
{
    // More than one each day of three school years.
    private const int MostOfOneClass = 1000;

    public static void MapAssignments(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/assignments").WithTags("Assignments");
        group
            .MapGet("", All)
            .WithName("ListAssignments")
            .WithSummary("What the teacher has set, newest first.");
        group
            .MapPost("", Add)
            .WithName("AddAssignment")
            .WithSummary("Sets a set to a class.")
            .Produces<AssignmentReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new NewAssignment(Guid.Empty, Guid.Empty));
        group
            .MapPatch("/{assignmentId:guid}", Change)
            .WithName("ChangeAssignment")
            .WithSummary(
                "Renames what is given, closes it or opens it again, puts it away or brings it back."
            )
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new AssignmentChange(Closed: true));
        group
            .MapGet("/{assignmentId:guid}/contents", ContentsOf)
            .WithName("GetAssignmentContents")
            .WithSummary("What goes with it when it is deleted.")
            .Produces<Contents>()
            .ProducesProblem(404);
        group
            .MapDelete("/{assignmentId:guid}", Delete)
            .WithName("DeleteAssignment")
            .WithSummary("Deletes it with all its answers; for a day it can be restored.")
            .Produces(204)
            .ProducesProblem(404);
        group
            .MapPost("/{assignmentId:guid}/restore", Restore)
            .WithName("RestoreAssignment")
            .WithSummary("Brings back what was deleted within a day.")
            .Produces(204)
            .ProducesProblem(404);
        group.MapResults();
    }

    /// <summary>What is given to a class of this teacher's, by its id, or none.</summary>
    internal static IQueryable<Assignment> Own(
        JauntyDbContext database,
        ClaimsPrincipal teacher,
        Guid assignmentId
    ) => database.AssignmentsOf(teacher.Id()).Where(a => a.Id == assignmentId);

    private static async Task<Ok<List<AssignmentReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        return TypedResults.Ok(
            await Replies(database, database.AssignmentsOf(id)).ToListAsync(cancellation)
        );
    }

    private static async Task<IResult> Add(
        NewAssignment request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Guid teacherId = teacher.Id();
        string? title = await database
            .SetsOf(teacherId)
            .Where(s => s.Id == request.SetId)
            .Select(s => s.Title)
            .FirstOrDefaultAsync(cancellation);
        if (title is null)
        {
            return Problems.NotFound(Thing.Set);
        }
        if (
            !await database
                .ClassesOf(teacherId)
                .AnyAsync(c => c.Id == request.ClassId, cancellation)
        )
        {
            return Problems.NotFound(Thing.Class);
        }
        if (
            await database.Assignments.CountAsync(a => a.ClassId == request.ClassId, cancellation)
            >= MostOfOneClass
        )
        {
            return Problems.Full(Text.Problems.FullGiven(MostOfOneClass));
        }
        var made = new Assignment
        {
            Id = Guid.CreateVersion7(),
            SetId = request.SetId,
            ClassId = request.ClassId,
            Title = title,
            Tries = request.Tries,
            Weights = request.Weights,
            AdaptiveLimit = request.AdaptiveLimit,
            SetAt = clock.GetUtcNow(),
        };
        database.Add(made);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/v1/assignments/{made.Id}/results",
            await Replies(database, database.Assignments.Where(a => a.Id == made.Id))
                .SingleAsync(cancellation)
        );
    }

    private static async Task<IResult> Change(
        Guid assignmentId,
        AssignmentChange request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Assignment? assignment = await Own(database, teacher, assignmentId)
            .FirstOrDefaultAsync(cancellation);
        if (assignment is null)
        {
            return Problems.NotFound(Thing.Assignment);
        }
        DateTimeOffset now = clock.GetUtcNow();
        assignment.Title = request.Title?.Trim() ?? assignment.Title;
        assignment.Archive(request.Archived, now);
        if (request.Closed is bool closed)
        {
            assignment.ClosedAt = closed ? assignment.ClosedAt ?? now : null;
        }
        await cache.Save(database, [Part.Assignment(assignmentId)], cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> ContentsOf(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        IQueryable<Assignment> own = Own(database, teacher, assignmentId);
        return await own.AnyAsync(cancellation)
            ? TypedResults.Ok(new Contents(0, 1, await database.AnswersTo(own, cancellation)))
            : Problems.NotFound(Thing.Assignment);
    }

    private static async Task<IResult> Delete(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Assignment? assignment = await Own(database, teacher, assignmentId)
            .FirstOrDefaultAsync(cancellation);
        if (assignment is null)
        {
            return Problems.NotFound(Thing.Assignment);
        }
        assignment.DeletedAt = clock.GetUtcNow();
        await cache.Save(database, [Part.Assignment(assignmentId)], cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> Restore(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        List<Guid> classes = await database
            .ClassesOf(teacher.Id())
            .Select(c => c.Id)
            .ToListAsync(cancellation);
        Assignment? assignment = await database
            .Assignments.Deleted()
            .FirstOrDefaultAsync(
                a => a.Id == assignmentId && classes.Contains(a.ClassId),
                cancellation
            );
        if (assignment is null)
        {
            return Problems.NotFound(Thing.Assignment);
        }
        assignment.DeletedAt = null;
        await cache.Save(database, [Part.Assignment(assignmentId)], cancellation);
        return TypedResults.NoContent();
    }

    private static IQueryable<AssignmentReply> Replies(
        JauntyDbContext database,
        IQueryable<Assignment> assignments
    ) =>
        assignments
            .OrderByDescending(a => a.SetAt)
            .Select(a => new AssignmentReply(
                a.Id,
                a.SetId,
                a.Title,
                a.ClassId,
                a.Class!.Name,
                a.Tries,
                a.AdaptiveLimit,
                a.SetAt,
                a.ClosedAt,
                a.ArchivedAt != null || a.Class.ArchivedAt != null,
                a.Class.Students.Count(s => s.ArchivedAt == null),
                database
                    .Answers.Where(x => x.AssignmentId == a.Id)
                    .Select(x => x.StudentId)
                    .Distinct()
                    .Count()
            ));
}
