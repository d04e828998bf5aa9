using System.Globalization;
using System.Security.Claims;
using System.Security.Cryptography;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Features.PuttingAway;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Classes;

/// <summary>The students of a class, their PINs and cards.</summary>
public static class ClassStudentEndpoints
{
    private const int MostStudents = 60;

    public static void MapClassStudents(this RouteGroupBuilder classes)
    {
        classes
            .MapPost("/{classId:guid}/students", Add)
            .WithName("AddStudent")
            .WithSummary("Adds a student and tells the new PIN, once.")
            .Produces<PinReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new NewStudent("Wren"));
        RouteGroupBuilder one = classes.MapGroup("/{classId:guid}/students/{studentId:guid}");
        one.MapPatch("", Change)
            .WithName("ChangeStudent")
            .WithSummary("Renames a student, puts them away or brings them back.")
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .WithExample(new ThingChange("Wren", Archived: false));
        one.MapPost("/pin", NewPin)
            .WithName("RenewPin")
            .WithSummary(
                "Gives a student a new PIN and tells it, once. They are signed out everywhere, and need not wait after wrong tries."
            )
            .Produces<PinReply>()
            .ProducesProblem(404);
        one.MapPost("/card", NewCard)
            .WithName("RenewCard")
            .WithSummary(
                "Gives a student a new card and tells it, once; the one before opens nothing any more."
            )
            .Produces<CardReply>()
            .ProducesProblem(404);
        one.MapDelete("/card", RevokeCard)
            .WithName("RevokeCard")
            .WithSummary("Takes a student's card out of use; they are signed out everywhere.")
            .Produces(204)
            .ProducesProblem(404);
        one.MapGet("/contents", ContentsOf)
            .WithName("GetStudentContents")
            .WithSummary("What goes with a student who is deleted.")
            .Produces<Contents>()
            .ProducesProblem(404);
        one.MapDelete("", Delete)
            .WithName("DeleteStudent")
            .WithSummary(
                "Deletes a student with all their answers; for a day they can be restored."
            )
            .Produces(204)
            .ProducesProblem(404);
        one.MapPost("/restore", Restore)
            .WithName("RestoreStudent")
            .WithSummary("Brings a student back who was deleted within a day.")
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(404);
    }

    /// <summary>Four random digits.</summary>
    public static string RandomPin() =>
        RandomNumberGenerator.GetInt32(10_000).ToString("0000", CultureInfo.InvariantCulture);

    private static async Task<IResult> Add(
        Guid classId,
        NewStudent request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        IPasswordHasher<Student> hasher,
        CancellationToken cancellation
    )
    {
        SchoolClass? found = await database
            .ClassesOf(teacher.Id())
            .Include(c => c.Students)
            .FirstOrDefaultAsync(c => c.Id == classId, cancellation);
        if (found is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        if (NameFault(request.GivenName, found.Students) is Message fault)
        {
            return Problems.Invalid("givenName", fault);
        }
        if (found.Students.Count >= MostStudents)
        {
            return Problems.Invalid("givenName", Text.Validation.Account.ClassFull(MostStudents));
        }
        string pin = RandomPin();
        var student = new Student
        {
            Id = Guid.CreateVersion7(),
            ClassId = classId,
            GivenName = GivenNames.Clean(request.GivenName),
            NameKey = GivenNames.KeyOf(request.GivenName),
            PinHash = hasher.HashPassword(null!, pin),
        };
        database.Add(student);
        return await SaveName(database, cancellation)
            ? TypedResults.Created(
                $"/api/v1/classes/{classId}",
                new PinReply(student.Id, student.GivenName, pin)
            )
            : Problems.Invalid("givenName", TakenName);
    }

    private static async Task<IResult> Change(
        Guid classId,
        Guid studentId,
        ThingChange request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        Sessions sessions,
        SharedCache cache,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Student? student = await database
            .StudentOf(teacher.Id(), classId, studentId)
            .FirstOrDefaultAsync(cancellation);
        if (student is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        if (request.Name is string name)
        {
            List<Student> others = await database
                .Students.AsNoTracking()
                .Where(s => s.ClassId == classId && s.Id != studentId)
                .ToListAsync(cancellation);
            var errors = ValidationErrors.Of(new NewStudent(name));
            if (!errors.None)
            {
                return Problems.Invalid("name", errors.Found[0].Message);
            }
            if (NameFault(name, others) is Message fault)
            {
                return Problems.Invalid("name", fault);
            }
            (student.GivenName, student.NameKey) = (GivenNames.Clean(name), GivenNames.KeyOf(name));
        }
        student.Archive(request.Archived, clock.GetUtcNow());
        if (!await SaveName(database, cancellation))
        {
            return Problems.Invalid("name", TakenName);
        }
        if (student.ArchivedAt is not null)
        {
            await sessions.EndAll(studentId, null, cancellation);
        }
        await cache.Save(database, [Part.Person(studentId)], cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> NewPin(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        IPasswordHasher<Student> hasher,
        Sessions sessions,
        Tries tries,
        CancellationToken cancellation
    )
    {
        var found = await database
            .StudentOf(teacher.Id(), classId, studentId)
            .Select(s => new
            {
                Student = s,
                Code = database.Classes.Where(c => c.Id == classId).Select(c => c.Code).First(),
            })
            .FirstOrDefaultAsync(cancellation);
        if (found is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        string pin = RandomPin();
        found.Student.PinHash = hasher.HashPassword(found.Student, pin);
        await database.SaveChangesAsync(cancellation);
        await sessions.EndAll(studentId, null, cancellation);
        await tries.Clear(Tries.StudentSubject(found.Code, found.Student.NameKey), cancellation);
        return TypedResults.Ok(new PinReply(studentId, found.Student.GivenName, pin));
    }

    private static async Task<IResult> NewCard(
        Guid classId,
        Guid studentId,
        HttpRequest request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Student? student = await database
            .StudentOf(teacher.Id(), classId, studentId)
            .FirstOrDefaultAsync(cancellation);
        if (student is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        string card = Secret.New();
        student.CardHash = Secret.HashOf(card);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Ok(
            StudentCard.Of(student, $"{request.Scheme}://{request.Host}/bench#card={card}")
        );
    }

    private static async Task<IResult> RevokeCard(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        Sessions sessions,
        CancellationToken cancellation
    )
    {
        Student? student = await database
            .StudentOf(teacher.Id(), classId, studentId)
            .FirstOrDefaultAsync(cancellation);
        if (student is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        student.CardHash = null;
        await database.SaveChangesAsync(cancellation);
        await sessions.EndAll(studentId, null, cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> ContentsOf(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    ) =>
        await database.StudentOf(teacher.Id(), classId, studentId).AnyAsync(cancellation)
            ? TypedResults.Ok(
                new Contents(
                    1,
                    0,
                    await database.Answers.CountAsync(a => a.StudentId == studentId, cancellation)
                )
            )
            : Problems.NotFound(Thing.Student);

    private static async Task<IResult> Delete(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        Sessions sessions,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Student? student = await database
            .StudentOf(teacher.Id(), classId, studentId)
            .FirstOrDefaultAsync(cancellation);
        if (student is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        student.DeletedAt = clock.GetUtcNow();
        await database.SaveChangesAsync(cancellation);
        await sessions.EndAll(studentId, null, cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> Restore(
        Guid classId,
        Guid studentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        bool taught = await database
            .ClassesOf(teacher.Id())
            .AnyAsync(c => c.Id == classId, cancellation);
        Student? student = taught
            ? await database
                .Students.Deleted()
                .FirstOrDefaultAsync(s => s.Id == studentId && s.ClassId == classId, cancellation)
            : null;
        if (student is null)
        {
            return Problems.NotFound(Thing.Student);
        }
        student.DeletedAt = null;
        if (!await SaveName(database, cancellation))
        {
            return Problems.Invalid("givenName", TakenName);
        }
        await cache.Save(database, [Part.Person(studentId)], cancellation);
        return TypedResults.NoContent();
    }

    private static Message TakenName => Text.Validation.Account.NameTaken;

    private static Message? NameFault(string name, IEnumerable<Student> others)
    {
        string key = GivenNames.KeyOf(name);
        string look = GivenNames.LookOf(name);
        foreach (Student other in others)
        {
            if (other.NameKey == key)
            {
                return TakenName;
            }
            if (GivenNames.LookOf(other.GivenName) == look)
            {
                return Text.Validation.Account.NameLooksLike(other.GivenName);
            }
        }
        return null;
    }

    // Two who add the same name at the same moment: the database lets one of them.
    private static async Task<bool> SaveName(
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        try
        {
            await database.SaveChangesAsync(cancellation);
            return true;
        }
        catch (DbUpdateException taken) when (StorageSetup.IsTaken(taken))
        {
            return false;
        }
    }
}
