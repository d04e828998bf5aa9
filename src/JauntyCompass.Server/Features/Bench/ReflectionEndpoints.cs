using System.Security.Claims;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>How a student looks back at a set.</summary>
/// <param name="Step">A step of the ladder, 1 to 4.</param>
/// <param name="Line">One line; may be empty.</param>
public sealed record ReflectionRequest(int Step, string Line) : IValidatable
{
    public const int LongestLine = 200;

    public void Validate(ValidationErrors errors)
    {
        errors.Range("step", Step, 1, 4);
        errors.Text("line", Line, 0, LongestLine);
    }
}

/// <summary>How a student looked back.</summary>
/// <param name="Step">A step of the ladder, 1 to 4.</param>
/// <param name="Line">One line; may be empty.</param>
/// <param name="WrittenAt">When it was written.</param>
public sealed record ReflectionReply(int Step, string Line, DateTimeOffset WrittenAt)
{
    internal static ReflectionReply Of(Reflection reflection) =>
        new(reflection.Step, reflection.Line, reflection.WrittenAt);
}

public static class ReflectionEndpoints
{
    public static void MapReflections(this RouteGroupBuilder assignments) =>
        assignments
            .MapPut("/{assignmentId:guid}/reflection", Write)
            .WithName("WriteReflection")
            .WithSummary(
                "Keeps how the student looks back at a set; written again, it is replaced."
            )
            .Produces<ReflectionReply>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new ReflectionRequest(3, "I look for the zero on the arm first now."));

    private static async Task<IResult> Write(
        Guid assignmentId,
        ReflectionRequest request,
        ClaimsPrincipal student,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        (Guid id, Guid classId) = (student.Id(), student.ClassId());
        bool given = await database.Assignments.AnyAsync(
            a => a.Id == assignmentId && a.ClassId == classId,
            cancellation
        );
        if (!given || !await database.Students.AnyAsync(s => s.Id == id, cancellation))
        {
            return Problems.NotFound(Thing.Set);
        }
        Reflection? reflection = await database.Reflections.FindAsync(
            [assignmentId, id],
            cancellation
        );
        if (reflection is null)
        {
            reflection = new Reflection
            {
                AssignmentId = assignmentId,
                StudentId = id,
                Line = "",
            };
            database.Add(reflection);
        }
        reflection.Step = request.Step;
        reflection.Line = request.Line.Trim();
        reflection.WrittenAt = clock.GetUtcNow();
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(ReflectionReply.Of(reflection));
    }
}
