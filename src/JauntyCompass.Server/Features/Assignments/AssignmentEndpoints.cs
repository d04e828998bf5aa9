using System.Security.Claims;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
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
) : IChecked
{
    private const int MostWeights = 40;

    public void Check(Faults faults)
    {
        faults.Range("tries", Tries, 1, 9);
        if (AdaptiveLimit is int limit)
        {
            faults.Range("adaptiveLimit", limit, 1, SetSpecification.MostItems);
        }
        faults.Range("weights", Weights?.Count ?? 0, 0, MostWeights, "steps");
        foreach ((string step, double weight) in Weights?.Take(MostWeights) ?? [])
        {
            faults.Text("weights", step, 1, 40);
            faults.Range("weights", weight, 0, 10);
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
    int Students,
    int HandedIn
);

public static class AssignmentEndpoints
{
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
            .MapPost("/{assignmentId:guid}/close", Close)
            .WithName("CloseAssignment")
            .WithSummary("Takes no more answers.")
            .Produces(204)
            .ProducesProblem(404);
        group.MapResults();
    }

    /// <summary>An assignment of this teacher's, or none.</summary>
    internal static IQueryable<Assignment> Own(
        JauntyDbContext database,
        ClaimsPrincipal teacher,
        Guid assignmentId
    )
    {
        Guid teacherId = teacher.Id();
        return database.Assignments.Where(a =>
            a.Id == assignmentId && a.Class!.TeacherId == teacherId
        );
    }

    private static async Task<Ok<List<AssignmentReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        return TypedResults.Ok(
            await Replies(database, database.Assignments.Where(a => a.Class!.TeacherId == id))
                .ToListAsync(cancellation)
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
        if (
            !await database.Sets.AnyAsync(
                s => s.Id == request.SetId && s.TeacherId == teacherId,
                cancellation
            )
        )
        {
            return Problems.NotFound("set");
        }
        if (
            !await database.Classes.AnyAsync(
                c => c.Id == request.ClassId && c.TeacherId == teacherId,
                cancellation
            )
        )
        {
            return Problems.NotFound("class");
        }
        var made = new Assignment
        {
            Id = Guid.CreateVersion7(),
            SetId = request.SetId,
            ClassId = request.ClassId,
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

    private static async Task<IResult> Close(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Assignment? assignment = await Own(database, teacher, assignmentId)
            .FirstOrDefaultAsync(cancellation);
        if (assignment is null)
        {
            return Problems.NotFound("assignment");
        }
        assignment.ClosedAt ??= clock.GetUtcNow();
        await database.SaveChangesAsync(cancellation);
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
                a.Set!.Title,
                a.ClassId,
                a.Class!.Name,
                a.Tries,
                a.AdaptiveLimit,
                a.SetAt,
                a.ClosedAt,
                a.Class.Students.Count,
                database
                    .Answers.Where(x => x.AssignmentId == a.Id)
                    .Select(x => x.StudentId)
                    .Distinct()
                    .Count()
            ));
}
