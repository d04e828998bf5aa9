using System.Security.Claims;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Exercises.Presentation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Assignments;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

/// <summary>An answer to a twin: for practice, marked and not kept.</summary>
/// <param name="Response">The response.</param>
public sealed record TwinAnswer(Response Response) : IValidatable
{
    public void Validate(ValidationErrors errors) => errors.Within("response", Response);
}

/// <summary>“Show me” and “another like it”.</summary>
public static class TwinEndpoints
{
    public static void MapTwins(this RouteGroupBuilder assignments)
    {
        assignments
            .MapGet("/{assignmentId:guid}/items/{index:int}/show", Show)
            .WithName("ShowMe")
            .WithSummary(
                "A short demonstration on the student's own last answer; how it is done right only when no try is left."
            )
            .Produces<SeenScript>()
            .ProducesProblem(404);
        assignments
            .MapGet("/{assignmentId:guid}/items/{index:int}/twins/{number:int}", Twin)
            .WithName("GetTwin")
            .WithSummary("Another item like one of the set, at which the same mistakes would show.")
            .Produces<SeenItem>()
            .ProducesProblem(404);
        assignments
            .MapPost("/{assignmentId:guid}/items/{index:int}/twins/{number:int}", MarkTwin)
            .WithName("MarkTwin")
            .WithSummary("Marks an answer to a twin; it is practice and is not kept.")
            .Produces<StudentMark>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new TwinAnswer(Examples.Response));
    }

    private static async Task<IResult> Show(
        Guid assignmentId,
        int index,
        Speaker speaker,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        if (
            await Find(assignmentId, index, student, database, cancellation)
            is not
            (Assignment assignment, Item item)
        )
        {
            return Problems.NotFound(Thing.Item);
        }
        Answer? last = await Answered(
            assignmentId,
            index,
            upTo: int.MaxValue,
            student,
            database,
            cancellation
        );
        if (last is null)
        {
            return Problems.NotFound(Thing.Answer);
        }
        speaker.ToClass(assignment.RulesInForce);
        Mark mark = last.NewestMark();
        bool mayTell =
            mark.Verdict == Verdict.Accepted
            || last.Try >= assignment.Tries
            || assignment.ClosedAt is not null;
        Script? script = ShowMe.Of(
            item,
            TwinOf(assignment.Set!, item, index, mark, 1),
            last.Response,
            mark,
            assignment.RulesInForce,
            mayTell
        );
        return script is null
            ? Problems.NotFound(Thing.Demonstration)
            : TypedResults.Ok(SeenScript.Of(script));
    }

    private static async Task<IResult> Twin(
        Guid assignmentId,
        int index,
        int number,
        int? after,
        Speaker speaker,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        if (
            await Find(assignmentId, index, number, after, student, database, cancellation)
            is not
            (Assignment assignment, Item twin)
        )
        {
            return Problems.NotFound(Thing.Item);
        }
        speaker.ToStudentOf(assignment.RulesInForce);
        return TypedResults.Ok(SeenItem.Of(twin, assignment.RulesInForce));
    }

    private static async Task<IResult> MarkTwin(
        Guid assignmentId,
        int index,
        int number,
        int? after,
        TwinAnswer request,
        Speaker speaker,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        if (
            await Find(assignmentId, index, number, after, student, database, cancellation)
            is not
            (Assignment assignment, Item twin)
        )
        {
            return Problems.NotFound(Thing.Item);
        }
        ExerciseKind kind = ExerciseKinds.Of(twin);
        if (ExerciseKinds.Of(request.Response) != kind)
        {
            return Problems.Invalid("response.kind", Text.Validation.KindOfItem(kind.Key));
        }
        speaker.ToStudentOf(assignment.RulesInForce);
        return TypedResults.Ok(
            StudentMark.Of(
                kind.Mark(
                    twin,
                    request.Response,
                    new MarkingRules(assignment.Set!.Specification.Tolerance)
                )
            )
        );
    }

    private static async Task<(Assignment Assignment, Item Item)?> Find(
        Guid assignmentId,
        int index,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid classId = student.ClassId();
        Assignment? assignment = await database
            .Assignments.AsNoTracking()
            .Include(a => a.Set)
            .Include(a => a.Class)
            .FirstOrDefaultAsync(
                a => a.Id == assignmentId && a.ClassId == classId && a.ArchivedAt == null,
                cancellation
            );
        IReadOnlyList<Item>? items = assignment?.Set!.ItemsOf(student.Id());
        return items is not null && index >= 0 && index < items.Count
            ? (assignment!, items[index])
            : null;
    }

    // At a twin the mistake shows that was made at the try before it.
    private static async Task<(Assignment Assignment, Item Twin)?> Find(
        Guid assignmentId,
        int index,
        int number,
        int? after,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        if (
            await Find(assignmentId, index, student, database, cancellation)
            is not
            (Assignment assignment, Item item)
        )
        {
            return null;
        }
        Answer? before = after is int upTo
            ? await Answered(assignmentId, index, upTo, student, database, cancellation)
            : null;
        Mark? mark = before is null ? null : before.NewestMark();
        return TwinOf(assignment.Set!, item, index, mark, number) is Item twin
            ? (assignment, twin)
            : null;
    }

    private static async Task<Answer?> Answered(
        Guid assignmentId,
        int index,
        int upTo,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = student.Id();
        return await database
            .Answers.AsNoTracking()
            .Include(a => a.Marks)
            .Where(a =>
                a.AssignmentId == assignmentId
                && a.StudentId == id
                && a.ItemIndex == index
                && a.Try <= upTo
            )
            .OrderByDescending(a => a.Try)
            .FirstOrDefaultAsync(cancellation);
    }

    private static Item? TwinOf(ExerciseSet set, Item item, int index, Mark? mark, int number) =>
        Twins.Of(set.Specification, set.Seed, index, item, mark?.LikelyCause, number);
}
