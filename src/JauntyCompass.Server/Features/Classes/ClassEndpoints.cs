using System.Globalization;
using System.Security.Claims;
using System.Security.Cryptography;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Bench;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;
using Microsoft.Extensions.Caching.Memory;

namespace JauntyCompass.Server.Features.Classes;

/// <summary>A new class.</summary>
public sealed record NewClass(string Name) : IChecked
{
    public void Check(Faults faults) => faults.Text("name", Name, 1, 60);
}

/// <summary>A new student: a given name; if two share it, an initial more.</summary>
public sealed record NewStudent(string GivenName) : IChecked
{
    public void Check(Faults faults) => faults.Text("givenName", GivenName, 1, 40);
}

/// <summary>A class in the list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Code">What students type to join.</param>
/// <param name="Students">How many students it has.</param>
/// <param name="Rules">How it does things; null: the usual way.</param>
public sealed record ClassReply(
    Guid Id,
    string Name,
    string Code,
    int Students,
    HouseRules? Rules = null
);

/// <summary>A student in the list.</summary>
public sealed record StudentReply(Guid Id, string GivenName);

/// <summary>A class with its students.</summary>
public sealed record ClassDetailReply(
    Guid Id,
    string Name,
    string Code,
    IReadOnlyList<StudentReply> Students
);

/// <summary>A student's PIN; shown once, kept only as a hash.</summary>
public sealed record PinReply(Guid StudentId, string GivenName, string Pin);

public static class ClassEndpoints
{
    private const int MostStudents = 60;

    // No letters that are mistaken for digits or for each other when copied from a board.
    private const string CodeLetters = "ABCDEFGHJKLMNPQRTUVWXY346789";

    public static void MapClasses(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/classes").WithTags("Classes");
        group.MapGet("", All).WithName("ListClasses").WithSummary("The teacher's classes.");
        group
            .MapPost("", Add)
            .WithName("AddClass")
            .WithSummary("Makes a class with a new code.")
            .ProducesValidationProblem()
            .WithExample(new NewClass("6 Heron"));
        group
            .MapGet("/{classId:guid}", One)
            .WithName("GetClass")
            .WithSummary("A class with its students.")
            .Produces<ClassDetailReply>()
            .ProducesProblem(404);
        group
            .MapPut("/{classId:guid}/rules", SetRules)
            .WithName("SetHouseRules")
            .WithSummary("How the class does things: its house rules and words.")
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(HouseRules.Usual);
        group
            .MapPost("/{classId:guid}/students", AddStudent)
            .WithName("AddStudent")
            .WithSummary("Adds a student and tells the new PIN, once.")
            .Produces<PinReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new NewStudent("Wren"));
        group
            .MapPost("/{classId:guid}/students/{studentId:guid}/pin", NewPin)
            .WithName("RenewPin")
            .WithSummary("Gives a student a new PIN and tells it, once.")
            .Produces<PinReply>()
            .ProducesProblem(404);
        group
            .MapDelete("/{classId:guid}/students/{studentId:guid}", Remove)
            .WithName("RemoveStudent")
            .WithSummary("Removes a student and all their answers for good.")
            .Produces(204)
            .ProducesProblem(404);
    }

    /// <summary>Four random digits.</summary>
    public static string RandomPin() =>
        RandomNumberGenerator.GetInt32(10_000).ToString("0000", CultureInfo.InvariantCulture);

    private static async Task<Ok<List<ClassReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        return TypedResults.Ok(
            await database
                .Classes.Where(c => c.TeacherId == id)
                .OrderBy(c => c.Name)
                .Select(c => new ClassReply(c.Id, c.Name, c.Code, c.Students.Count, c.Rules))
                .ToListAsync(cancellation)
        );
    }

    private static async Task<IResult> SetRules(
        Guid classId,
        HouseRules rules,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        IMemoryCache cache,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        SchoolClass? own = await database.Classes.FirstOrDefaultAsync(
            c => c.Id == classId && c.TeacherId == id,
            cancellation
        );
        if (own is null)
        {
            return Problems.NotFound("class");
        }
        own.Rules = rules;
        await database.SaveChangesAsync(cancellation);
        OpenAssignments.ForgetRules(cache, classId);
        return TypedResults.NoContent();
    }

    private static async Task<Created<ClassReply>> Add(
        NewClass request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var made = new SchoolClass
        {
            Id = Guid.CreateVersion7(),
            TeacherId = teacher.Id(),
            Name = request.Name.Trim(),
            Code = RandomNumberGenerator.GetString(CodeLetters, 7),
            CreatedAt = clock.GetUtcNow(),
        };
        database.Add(made);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/v1/classes/{made.Id}",
            new ClassReply(made.Id, made.Name, made.Code, 0)
        );
    }

    private static async Task<IResult> One(
        Guid classId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        SchoolClass? found = await Own(database, teacher, classId)
            .Include(c => c.Students)
            .AsNoTracking()
            .FirstOrDefaultAsync(cancellation);
        return found is null
            ? Problems.NotFound("class")
            : TypedResults.Ok(
                new ClassDetailReply(
                    found.Id,
                    found.Name,
                    found.Code,
                    [
                        .. found
                            .Students.OrderBy(s => s.NameKey, StringComparer.Ordinal)
                            .Select(s => new StudentReply(s.Id, s.GivenName)),
                    ]
                )
            );
    }

    private static async Task<IResult> AddStudent(
        Guid classId,
        NewStudent request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        IPasswordHasher<Student> hasher,
        CancellationToken cancellation
    )
    {
        SchoolClass? found = await Own(database, teacher, classId)
            .Include(c => c.Students)
            .FirstOrDefaultAsync(cancellation);
        if (found is null)
        {
            return Problems.NotFound("class");
        }
        string key = StudentEndpoints.NameKey(request.GivenName);
        if (found.Students.Any(s => s.NameKey == key))
        {
            return Problems.Invalid(
                "givenName",
                "is already in this class; add an initial to tell the two apart."
            );
        }
        if (found.Students.Count >= MostStudents)
        {
            return Problems.Invalid(
                "givenName",
                $"cannot be added: a class holds at most {MostStudents} students."
            );
        }
        string pin = RandomPin();
        var student = new Student
        {
            Id = Guid.CreateVersion7(),
            ClassId = classId,
            GivenName = request.GivenName.Trim(),
            NameKey = key,
            PinHash = hasher.HashPassword(null!, pin),
        };
        database.Add(student);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/v1/classes/{classId}",
            new PinReply(student.Id, student.GivenName, pin)
        );
    }

    private static async Task<IResult> NewPin(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        IPasswordHasher<Student> hasher,
        CancellationToken cancellation
    )
    {
        Student? student = await OwnStudent(database, teacher, classId, studentId)
            .FirstOrDefaultAsync(cancellation);
        if (student is null)
        {
            return Problems.NotFound("student");
        }
        string pin = RandomPin();
        (student.PinHash, student.FailedPins, student.LockedUntil) = (
            hasher.HashPassword(student, pin),
            0,
            null
        );
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(new PinReply(student.Id, student.GivenName, pin));
    }

    private static async Task<IResult> Remove(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    ) =>
        await OwnStudent(database, teacher, classId, studentId).ExecuteDeleteAsync(cancellation)
        == 0
            ? Problems.NotFound("student")
            : TypedResults.NoContent();

    private static IQueryable<SchoolClass> Own(
        JauntyDbContext database,
        ClaimsPrincipal teacher,
        Guid classId
    )
    {
        Guid teacherId = teacher.Id();
        return database.Classes.Where(c => c.Id == classId && c.TeacherId == teacherId);
    }

    private static IQueryable<Student> OwnStudent(
        JauntyDbContext database,
        ClaimsPrincipal teacher,
        Guid classId,
        Guid studentId
    )
    {
        Guid teacherId = teacher.Id();
        return database.Students.Where(s =>
            s.Id == studentId
            && s.ClassId == classId
            && database.Classes.Any(c => c.Id == classId && c.TeacherId == teacherId)
        );
    }
}
