using System.Security.Claims;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Marking;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Assignments;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Files;

/// <summary>How many answers got another mark.</summary>
/// <param name="Answers">All answers to the set.</param>
/// <param name="MarkedAgain">Those that the newest marker had not marked yet.</param>
/// <param name="Changed">Those of them whose verdict or likely cause is another one now.</param>
public sealed record RemarkReply(int Answers, int MarkedAgain, int Changed);

/// <summary>What a class answered, as a file without names, and marked again by a newer marker.</summary>
public static class AnswerFileEndpoints
{
    public static void MapAnswerFiles(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher
            .MapGroup("/assignments/{assignmentId:guid}")
            .WithTags("Assignments");
        group
            .MapGet("/file", Write)
            .WithName("WriteAnswersFile")
            .WithSummary("All answers and all their marks as a file without names.")
            .Produces<AnswersFile>()
            .ProducesProblem(404);
        group
            .MapPost("/marks", MarkAgain)
            .WithName("MarkAgain")
            .WithSummary(
                "Marks old answers by the newest marker; the marks they had are kept beside."
            )
            .Produces<RemarkReply>()
            .ProducesProblem(404);
    }

    private static async Task<(Assignment?, List<Answer>)> Find(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Assignment? assignment = await AssignmentEndpoints
            .Own(database, teacher, assignmentId)
            .AsNoTracking()
            .Include(a => a.Set)
            .Include(a => a.Class)
            .FirstOrDefaultAsync(cancellation);
        List<Answer> answers = assignment is null
            ? []
            : await database
                .Answers.AsNoTracking()
                .Where(a => a.AssignmentId == assignmentId)
                .Include(a => a.Marks)
                .OrderBy(a => a.StudentId)
                .ThenBy(a => a.ReceivedAt)
                .ThenBy(a => a.Try)
                .ToListAsync(cancellation);
        return (assignment, answers);
    }

    private static async Task<IResult> Write(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        (Assignment? assignment, List<Answer> answers) = await Find(
            assignmentId,
            teacher,
            database,
            cancellation
        );
        if (assignment is null)
        {
            return Problems.NotFound(Thing.Assignment);
        }
        return Results.Text(
            JsonFile.Write(
                AnswersFile.Of(
                    assignment.Title,
                    assignment.Set!.Specification.Tolerance,
                    [
                        .. answers
                            .GroupBy(a => a.StudentId)
                            .SelectMany(
                                (own, s) => own.Select((a, i) => InFile(a, s, i, assignment.Set))
                            ),
                    ]
                )
            ),
            "application/json"
        );
    }

    private static AnswerInFile InFile(Answer answer, int student, int place, ExerciseSet set) =>
        new(
            student + 1,
            answer.ItemIndex,
            answer.Try,
            place + 1,
            set.ItemsOf(answer.StudentId)[answer.ItemIndex],
            answer.Response,
            [.. answer.Marks.OrderBy(m => m.MarkerVersion).Select(m => m.Mark)]
        );

    private static async Task<IResult> MarkAgain(
        Guid assignmentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        (Assignment? assignment, List<Answer> answers) = await Find(
            assignmentId,
            teacher,
            database,
            cancellation
        );
        if (assignment is null)
        {
            return Problems.NotFound(Thing.Assignment);
        }
        var rules = new MarkingRules(assignment.Set!.Specification.Tolerance)
        {
            Weights = assignment.Weights,
        };
        int again = 0;
        int changed = 0;
        foreach (IGrouping<Guid, Answer> own in answers.GroupBy(a => a.StudentId))
        {
            IEnumerable<Mark> marks = Remarking.Of(
                own.Select(a => new Remarking.Again(
                    assignment.Set.ItemsOf(own.Key)[a.ItemIndex],
                    a.Response,
                    a.ItemIndex,
                    a.Try
                )),
                rules,
                cancellation
            );
            foreach ((Answer answer, Mark mark) in own.Zip(marks))
            {
                Mark before = answer.NewestMark();
                if (before.MarkerVersion >= MarkingRules.Version)
                {
                    continue;
                }
                again++;
                changed +=
                    before.Verdict != mark.Verdict || before.LikelyCause != mark.LikelyCause
                        ? 1
                        : 0;
                database.Add(
                    new AnswerMark
                    {
                        AnswerId = answer.Id,
                        MarkerVersion = mark.MarkerVersion,
                        Mark = mark,
                    }
                );
            }
        }
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(new RemarkReply(answers.Count, again, changed));
    }
}
