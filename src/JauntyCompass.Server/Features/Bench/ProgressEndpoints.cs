using System.Security.Claims;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Progress;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Assignments;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>What went better with a set than with the one before: told to the student alone.</summary>
public static class ProgressEndpoints
{
    public static void MapProgress(this RouteGroupBuilder assignments) =>
        assignments
            .MapGet("/{assignmentId:guid}/progress", Compare)
            .WithName("GetProgress")
            .WithSummary(
                "What went better with a set than with the one the student worked on before it."
            )
            .Produces<GettingBetter>()
            .ProducesProblem(404);

    private static async Task<IResult> Compare(
        Guid assignmentId,
        ClaimsPrincipal student,
        Speaker speaker,
        OpenAssignments open,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        (Guid id, Guid classId) = (student.Id(), student.ClassId());
        if (
            await open.Find(assignmentId, classId, cancellation) is not OpenAssignment assignment
            || await database
                .Assignments.Where(a => a.Id == assignmentId)
                .Select(a => (DateTimeOffset?)a.SetAt)
                .SingleOrDefaultAsync(cancellation)
                is not DateTimeOffset setAt
        )
        {
            return Problems.NotFound(Thing.Set);
        }
        speaker.ToStudentOf(assignment.Rules);
        Guid? before = await database
            .Assignments.Where(a => a.ClassId == classId && a.SetAt < setAt)
            .Where(a => database.Answers.Any(x => x.AssignmentId == a.Id && x.StudentId == id))
            .OrderByDescending(a => a.SetAt)
            .Select(a => (Guid?)a.Id)
            .FirstOrDefaultAsync(cancellation);
        (Mark[] first, Mark[] last) = await Tries(assignmentId, id, database, cancellation);
        (Mark[] then, _) = before is Guid earlier
            ? await Tries(earlier, id, database, cancellation)
            : ([], []);
        return TypedResults.Ok(GettingBetter.Of(then, first, last));
    }

    // The newest mark of the first and of the last try at each item.
    private static async Task<(Mark[] First, Mark[] Last)> Tries(
        Guid assignmentId,
        Guid studentId,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        List<Answer> answers = await database
            .MarkedAnswersTo(assignmentId)
            .Where(a => a.StudentId == studentId)
            .ToListAsync(cancellation);
        IGrouping<int, Answer>[] items = [.. answers.GroupBy(a => a.ItemIndex)];
        return (
            [.. items.Select(tries => tries.First().NewestMark())],
            [.. items.Select(tries => tries.Last().NewestMark())]
        );
    }
}
