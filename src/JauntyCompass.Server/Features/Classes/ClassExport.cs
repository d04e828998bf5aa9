using System.Security.Claims;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Marking;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Classes;

/// <summary>All that is kept of a class, as a file: to look at, to hand out, or to take along.</summary>
/// <param name="Format">Always “jaunty-class”.</param>
/// <param name="Version">Of the format: 1.</param>
/// <param name="Name">Name of the class.</param>
/// <param name="Rules">How it does things, or null.</param>
/// <param name="Students">Its students.</param>
/// <param name="Assignments">What was given to it.</param>
public sealed record ClassExport(
    string Format,
    int Version,
    string Name,
    HouseRules? Rules,
    IReadOnlyList<ExportedStudent> Students,
    IReadOnlyList<ExportedAssignment> Assignments
);

/// <summary>A student in an export.</summary>
public sealed record ExportedStudent(Guid Id, string GivenName, bool Archived);

/// <summary>A set given to the class, with all that came of it.</summary>
public sealed record ExportedAssignment(
    string Title,
    DateTimeOffset SetAt,
    DateTimeOffset? ClosedAt,
    IReadOnlyList<Item> Items,
    IReadOnlyList<ExportedAnswer> Answers,
    IReadOnlyList<ExportedReflection> Reflections
);

/// <summary>An answer in an export; its item with the student's own numbers.</summary>
public sealed record ExportedAnswer(
    Guid Student,
    int ItemIndex,
    int Try,
    DateTimeOffset ReceivedAt,
    Item Item,
    Response Response,
    IReadOnlyList<Mark> Marks
);

/// <summary>A look back in an export.</summary>
public sealed record ExportedReflection(
    Guid Student,
    int Step,
    string Line,
    DateTimeOffset WrittenAt
);

public static class ClassExportEndpoints
{
    public static void MapClassExport(this RouteGroupBuilder classes) =>
        classes
            .MapGet("/{classId:guid}/export", Export)
            .WithName("ExportClass")
            .WithSummary(
                "All that is kept of a class, as a file: students, what was given, answers, marks, looks back."
            )
            .RequireRateLimiting(RateLimits.Heavy)
            .Produces<ClassExport>()
            .ProducesProblem(404);

    private static async Task<IResult> Export(
        Guid classId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        SchoolClass? found = await database
            .ClassesOf(teacher.Id())
            .AsNoTracking()
            .Include(c => c.Students)
            .FirstOrDefaultAsync(c => c.Id == classId, cancellation);
        if (found is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        var given = new List<ExportedAssignment>();
        foreach (
            Assignment assignment in await database
                .Assignments.AsNoTracking()
                .Include(a => a.Set)
                .Where(a => a.ClassId == classId)
                .OrderBy(a => a.SetAt)
                .ToListAsync(cancellation)
        )
        {
            given.Add(await Of(assignment, database, cancellation));
        }
        return Results.Text(
            JsonFile.Write(
                new ClassExport(
                    "jaunty-class",
                    1,
                    found.Name,
                    found.Rules,
                    [
                        .. found
                            .Students.OrderBy(s => s.NameKey, StringComparer.Ordinal)
                            .Select(s => new ExportedStudent(
                                s.Id,
                                s.GivenName,
                                s.ArchivedAt is not null
                            )),
                    ],
                    given
                )
            ),
            "application/json"
        );
    }

    private static async Task<ExportedAssignment> Of(
        Assignment assignment,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        List<Answer> answers = await database
            .Answers.AsNoTracking()
            .Include(a => a.Marks)
            .Where(a => a.AssignmentId == assignment.Id)
            .OrderBy(a => a.ReceivedAt)
            .ToListAsync(cancellation);
        List<ExportedReflection> reflections = await database
            .Reflections.Where(r => r.AssignmentId == assignment.Id)
            .OrderBy(r => r.WrittenAt)
            .Select(r => new ExportedReflection(r.StudentId, r.Step, r.Line, r.WrittenAt))
            .ToListAsync(cancellation);
        return new ExportedAssignment(
            assignment.Title,
            assignment.SetAt,
            assignment.ClosedAt,
            assignment.Set!.Items,
            answers.ConvertAll(a => new ExportedAnswer(
                a.StudentId,
                a.ItemIndex,
                a.Try,
                a.ReceivedAt,
                assignment.Set.ItemsOf(a.StudentId)[a.ItemIndex],
                a.Response,
                [.. a.Marks.OrderBy(m => m.MarkerVersion).Select(m => m.Mark)]
            )),
            reflections
        );
    }
}
