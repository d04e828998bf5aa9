using System.Security.Claims;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Adaptive;
using JauntyCompass.Server.Features.Assignments;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Bench;

public static class BenchEndpoints
{
    private static readonly TimeSpan FarthestAhead = TimeSpan.FromDays(1);
    private static readonly TimeSpan FarthestBack = TimeSpan.FromDays(400);

    public static void MapBench(this RouteGroupBuilder student)
    {
        RouteGroupBuilder group = student.MapGroup("/assignments").WithTags("Bench");
        group
            .MapGet("", All)
            .WithName("ListBench")
            .WithSummary("What is set to the student's class.")
            .Produces<List<BenchListReply>>();
        group
            .MapGet("/{assignmentId:guid}", One)
            .WithName("GetBench")
            .WithSummary("A set to work on, with the student's own answers.")
            .Produces<BenchReply>()
            .ProducesProblem(404);
        group
            .MapPost("/{assignmentId:guid}/answers", HandIn)
            .WithName("HandIn")
            .WithSummary("Marks and stores an answer; sending it twice stores it once.")
            .Produces<HandedInReply>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithExample(
                new AnswerRequest(
                    Guid.Parse("0b9f0a52-6c1e-4a8e-9d55-6a1f3f0c8a11"),
                    0,
                    Examples.Response
                )
            );
        group.MapReflections();
        group.MapProgress();
        group.MapTwins();
        group.MapBenchNext();
        group.MapDrafts();
    }

    private static async Task<IResult> All(
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        (Guid id, Guid classId) = (student.Id(), student.ClassId());
        var assignments = await database
            .Assignments.Where(a => a.ClassId == classId && a.ArchivedAt == null)
            .OrderByDescending(a => a.SetAt)
            .Select(a => new
            {
                a.Id,
                a.Title,
                Items = a.AdaptiveLimit != null && a.AdaptiveLimit < a.Set!.ItemCount
                    ? a.AdaptiveLimit.Value
                    : a.Set!.ItemCount,
                Closed = a.ClosedAt != null,
            })
            .ToListAsync(cancellation);
        Dictionary<Guid, int> answered = await database
            .Answers.Where(a => a.StudentId == id)
            .GroupBy(a => a.AssignmentId)
            .Select(g => new { g.Key, Items = g.Select(a => a.ItemIndex).Distinct().Count() })
            .ToDictionaryAsync(g => g.Key, g => g.Items, cancellation);
        return TypedResults.Ok(
            assignments.ConvertAll(a => new BenchListReply(
                a.Id,
                a.Title,
                a.Items,
                answered.GetValueOrDefault(a.Id),
                a.Closed
            ))
        );
    }

    private static async Task<IResult> One(
        Guid assignmentId,
        ClaimsPrincipal student,
        Speaker speaker,
        OpenAssignments open,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = student.Id();
        if (
            await open.Find(assignmentId, student.ClassId(), cancellation)
            is not OpenAssignment assignment
        )
        {
            return Problems.NotFound(Thing.Set);
        }
        speaker.ToStudentOf(assignment.Rules);
        List<Answer> answers = await database
            .MarkedAnswersTo(assignmentId)
            .Where(a => a.StudentId == id)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            new BenchReply(
                assignmentId,
                assignment.Title,
                assignment.Tries,
                assignment.AdaptiveLimit,
                assignment.Rules with
                {
                    OwnLines = null,
                },
                await database.Assignments.AnyAsync(
                    a => a.Id == assignmentId && a.ClosedAt != null,
                    cancellation
                ),
                assignment.ViewsOf(id),
                answers.ConvertAll(a => Reply(a, assignment.Tries)),
                await database
                    .Drafts.Where(d => d.AssignmentId == assignmentId && d.StudentId == id)
                    .Select(d => new BenchDraftReply(d.ItemIndex, d.Content, d.SavedAt))
                    .ToListAsync(cancellation),
                await database.Reflections.FindAsync([assignmentId, id], cancellation)
                    is Reflection reflection
                    ? ReflectionReply.Of(reflection)
                    : null
            )
        );
    }

    private static async Task<IResult> HandIn(
        Guid assignmentId,
        AnswerRequest request,
        ClaimsPrincipal student,
        Speaker speaker,
        OpenAssignments open,
        AnswerReceiver intake,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Guid studentId = student.Id();
        if (request.StudentId is Guid made && made != studentId)
        {
            return Problems.OtherStudent();
        }
        if (
            await open.Find(assignmentId, student.ClassId(), cancellation)
            is not OpenAssignment assignment
        )
        {
            return Problems.NotFound(Thing.Set);
        }
        speaker.ToStudentOf(assignment.Rules);
        if (Misfit(assignment, request, clock.GetUtcNow()) is ProblemHttpResult misfit)
        {
            return misfit;
        }
        // A second round is needed only when another request of this student came in between.
        for (int round = 0; round < 3; round++)
        {
            AnswerResult taken = await intake.Take(assignment, studentId, request, cancellation);
            if (!taken.StudentKnown)
            {
                return Problems.NotFound(Thing.Student);
            }
            Answer? stored = taken.Stored ?? await intake.Stored(request.Id, cancellation);
            if (stored is not null)
            {
                bool own = stored.StudentId == studentId && stored.AssignmentId == assignmentId;
                return own
                    ? TypedResults.Ok(
                        new HandedInReply(
                            stored.Id,
                            stored.ItemIndex,
                            stored.Try,
                            TriesLeft(stored, assignment.Tries),
                            StudentMark.Of(stored.NewestMark())
                        )
                    )
                    : Taken();
            }
            if (taken.Closed)
            {
                return Refused(Text.Problems.SetClosed, Text.Problems.SetClosedDetail);
            }
            if (taken.TriesBefore >= assignment.Tries)
            {
                return Refused(Text.Problems.NoTriesLeft, Text.Problems.NoTriesLeftDetail);
            }
        }
        return Refused(Text.Problems.SameItemAtOnce, Text.Problems.SameItemAtOnceDetail);
    }

    private static ProblemHttpResult? Misfit(
        OpenAssignment assignment,
        AnswerRequest request,
        DateTimeOffset now
    )
    {
        if (request.ItemIndex >= assignment.Items.Count)
        {
            return Problems.Invalid("itemIndex", Text.Validation.Place(assignment.Items.Count - 1));
        }
        ExerciseKind kind = ExerciseKinds.Of(assignment.Items[request.ItemIndex]);
        if (ExerciseKinds.Of(request.Response) != kind)
        {
            return Problems.Invalid("response.kind", Text.Validation.KindOfItem(kind.Key));
        }
        return
            request.AnsweredAt is DateTimeOffset at
            && (at > now + FarthestAhead || at < now - FarthestBack)
            ? Problems.Invalid("answeredAt", Text.Validation.Answers.Clock)
            : null;
    }

    private static int TriesLeft(Answer answer, int tries) => Math.Max(0, tries - answer.Try);

    private static BenchAnswerReply Reply(Answer answer, int tries) =>
        new(
            answer.Id,
            answer.ItemIndex,
            answer.Try,
            TriesLeft(answer, tries),
            answer.Response,
            StudentMark.Of(answer.NewestMark())
        );

    private static ProblemHttpResult Taken() => Problems.Invalid("id", Text.Validation.TakenUuid);

    private static ProblemHttpResult Refused(Message title, Message detail) =>
        Problems.Of(StatusCodes.Status409Conflict, title, detail);
}
