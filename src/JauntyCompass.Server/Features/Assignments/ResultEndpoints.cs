using System.Security.Claims;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Marking.Habits;
using JauntyCompass.Core.Progress;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Bench;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Assignments;

/// <summary>One item of one student.</summary>
/// <param name="Tries">How often it was answered.</param>
/// <param name="Verdict">Verdict of the last try, or null when it was not answered.</param>
/// <param name="Cause">Likely cause of the first wrong try, or null.</param>
/// <param name="CauseName">Its name, or null.</param>
public sealed record ItemResult(int Tries, Verdict? Verdict, string? Cause, Message? CauseName);

/// <summary>One student's row.</summary>
/// <param name="StudentId">The student.</param>
/// <param name="GivenName">Their name.</param>
/// <param name="Items">One entry an item, in the order of the set.</param>
/// <param name="Progress">What the marks say together.</param>
/// <param name="Habits">Habits behind the first tries, the likeliest first.</param>
/// <param name="Credit">Share of the full credit at the last tries, 0 to 1; null while nothing is answered.</param>
/// <param name="Reflection">How the student looks back, or null.</param>
public sealed record StudentResult(
    Guid StudentId,
    string GivenName,
    IReadOnlyList<ItemResult> Items,
    StudentProgress Progress,
    IReadOnlyList<HabitBelief> Habits,
    double? Credit,
    ReflectionReply? Reflection
);

/// <summary>Who answered what, and the likely causes.</summary>
/// <param name="AssignmentId">The assignment.</param>
/// <param name="SetId">The set that was given.</param>
/// <param name="Title">What students see as its title.</param>
/// <param name="ClassName">The class it was given to.</param>
/// <param name="Tries">How often an item may be answered.</param>
/// <param name="AdaptiveLimit">How many items each student is asked, where each is asked their own; null: all.</param>
/// <param name="ClosedAt">When it was closed; null while it is open.</param>
/// <param name="Rules">How the class does things; null: the usual way.</param>
/// <param name="Items">The items.</param>
/// <param name="Students">The students' rows, by name.</param>
/// <param name="Groups">Students by likely cause, the largest group first.</param>
public sealed record ResultsReply(
    Guid AssignmentId,
    Guid SetId,
    string Title,
    string ClassName,
    int Tries,
    int? AdaptiveLimit,
    DateTimeOffset? ClosedAt,
    HouseRules? Rules,
    IReadOnlyList<GeneratedItem> Items,
    IReadOnlyList<StudentResult> Students,
    IReadOnlyList<CauseGroup> Groups
);

/// <summary>One answer with its mark, as the teacher sees it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="ItemIndex">Place of the item in the set.</param>
/// <param name="Try">Which try, from 1.</param>
/// <param name="ReceivedAt">When it came in.</param>
/// <param name="Item">The item with this student's own numbers.</param>
/// <param name="Response">What was handed in.</param>
/// <param name="Mark">Its mark, by the newest marker.</param>
public sealed record AnswerReply(
    Guid Id,
    int ItemIndex,
    int Try,
    DateTimeOffset ReceivedAt,
    GeneratedItem Item,
    Response Response,
    Mark Mark
);

public static class ResultEndpoints
{
    public static void MapResults(this RouteGroupBuilder group)
    {
        group
            .MapGet("/{assignmentId:guid}/results", Results)
            .WithName("GetResults")
            .WithSummary("Who answered what, and the likely causes.")
            .Produces<ResultsReply>()
            .ProducesProblem(404);
        group
            .MapGet("/{assignmentId:guid}/students/{studentId:guid}/answers", Answers)
            .WithName("GetAnswers")
            .WithSummary("One student's answers with their marks.")
            .Produces<List<AnswerReply>>()
            .ProducesProblem(404);
    }

    private static async Task<IResult> Results(
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
            .Include(a => a.Class!.Students)
            .FirstOrDefaultAsync(cancellation);
        if (assignment is null)
        {
            return Problems.NotFound(Thing.Assignment);
        }
        // Of those who are still there.
        HashSet<Guid> here =
        [
            .. assignment.Class!.Students.Where(s => s.ArchivedAt is null).Select(s => s.Id),
        ];
        List<Answer> answers =
        [
            .. (await database.MarkedAnswersTo(assignmentId).ToListAsync(cancellation)).Where(a =>
                here.Contains(a.StudentId)
            ),
        ];
        Dictionary<Guid, Reflection> reflections = await database
            .Reflections.AsNoTracking()
            .Where(r => r.AssignmentId == assignmentId)
            .ToDictionaryAsync(r => r.StudentId, cancellation);
        ILookup<Guid, Answer> byStudent = answers.ToLookup(a => a.StudentId);
        List<StudentResult> students =
        [
            .. assignment
                .Class!.Students.Where(s => s.ArchivedAt is null)
                .OrderBy(s => s.NameKey, StringComparer.Ordinal)
                .Select(s =>
                    Row(
                        s,
                        [.. byStudent[s.Id]],
                        assignment.Set!.ItemsOf(s.Id),
                        assignment.Set!.Specification.Tolerance,
                        reflections.GetValueOrDefault(s.Id)
                    )
                ),
        ];
        return TypedResults.Ok(
            new ResultsReply(
                assignmentId,
                assignment.SetId,
                assignment.Title,
                assignment.Class.Name,
                assignment.Tries,
                assignment.AdaptiveLimit,
                assignment.ClosedAt,
                assignment.Class.Rules,
                [
                    .. assignment.Set!.Items.Select(i =>
                        GeneratedItem.Of(i, assignment.Set.Specification.Tolerance)
                    ),
                ],
                students,
                CauseGroups.Of(students, answers, assignment.Set)
            )
        );
    }

    private static async Task<IResult> Answers(
        Guid assignmentId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        ExerciseSet? set = await AssignmentEndpoints
            .Own(database, teacher, assignmentId)
            .Where(a => a.Class!.Students.Any(s => s.Id == studentId))
            .Select(a => a.Set!)
            .AsNoTracking()
            .FirstOrDefaultAsync(cancellation);
        if (set is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        IReadOnlyList<Item> items = set.ItemsOf(studentId);
        List<Answer> answers = await database
            .MarkedAnswersTo(assignmentId)
            .Where(a => a.StudentId == studentId)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            answers.ConvertAll(a => new AnswerReply(
                a.Id,
                a.ItemIndex,
                a.Try,
                a.ReceivedAt,
                GeneratedItem.Of(items[a.ItemIndex], set.Specification.Tolerance),
                a.Response,
                a.NewestMark()
            ))
        );
    }

    private static StudentResult Row(
        Student student,
        IReadOnlyList<Answer> answers,
        IReadOnlyList<Item> items,
        double tolerance,
        Reflection? reflection
    )
    {
        ILookup<int, Answer> byItem = answers.ToLookup(a => a.ItemIndex);
        var results = new List<ItemResult>(items.Count);
        var first = new List<Mark>();
        var last = new List<Mark>();
        for (int i = 0; i < items.Count; i++)
        {
            List<Answer> tries = [.. byItem[i].OrderBy(a => a.Try)];
            if (tries.Count == 0)
            {
                results.Add(new ItemResult(0, null, null, null));
                continue;
            }
            first.Add(tries[0].NewestMark());
            last.Add(tries[^1].NewestMark());
            results.Add(
                new ItemResult(
                    tries.Count,
                    last[^1].Verdict,
                    first[^1].LikelyCause,
                    first[^1].LikelyCause is string cause ? MistakeCatalogue.NameOf(cause) : null
                )
            );
        }
        return new StudentResult(
            student.Id,
            student.GivenName,
            results,
            StudentProgress.Of(first, last),
            StudentHistory
                .Of(
                    items,
                    answers.Where(a => a.Try == 1).Select(a => (a.ItemIndex, a.Response)),
                    tolerance
                )
                .Beliefs.Habits,
            last.Count == 0 ? null : last.Average(CreditOf),
            reflection is null ? null : ReflectionReply.Of(reflection)
        );
    }

    // Marks of markers before 3 have no credit of their own.
    private static double CreditOf(Mark mark) =>
        mark.Credit ?? (mark.Verdict == Verdict.Accepted ? 1 : 0);
}
