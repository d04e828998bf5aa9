using System.Security.Claims;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Classes;

/// <summary>Who teaches a class: whoever has it, and others with them.</summary>
public static class ClassTeacherEndpoints
{
    private const int MostTeachers = 12;

    public static void MapClassTeachers(this RouteGroupBuilder classes)
    {
        classes
            .MapPut("/{classId:guid}/teachers/{teacherId:guid}", Share)
            .WithName("ShareClass")
            .WithSummary("Lets another teacher teach the class, too.")
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(409);
        classes
            .MapDelete("/{classId:guid}/teachers/{teacherId:guid}", Unshare)
            .WithName("UnshareClass")
            .WithSummary(
                "Ends that another teacher teaches the class; they may also leave it themselves."
            )
            .Produces(204)
            .ProducesProblem(404);
        classes
            .MapPost("/{classId:guid}/hand-over", Give)
            .WithName("HandOverClass")
            .WithSummary(
                "Hands a class over to another teacher: by whoever has it, or by whoever looks after the accounts."
            )
            .Produces(204)
            .ProducesProblem(404)
            .WithExample(new HandOver(Guid.Empty));
    }

    private static async Task<IResult> Share(
        Guid classId,
        Guid teacherId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        SchoolClass? own = await ClassEndpoints
            .Own(database, teacher, classId)
            .Include(c => c.CoTeachers)
            .FirstOrDefaultAsync(cancellation);
        if (own is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        if (!await database.Users.AnyAsync(t => t.Id == teacherId, cancellation))
        {
            return Problems.NotFound(Thing.Teacher);
        }
        if (own.TeacherId == teacherId || own.CoTeachers.Any(c => c.TeacherId == teacherId))
        {
            return TypedResults.NoContent();
        }
        if (own.CoTeachers.Count >= MostTeachers)
        {
            return Problems.Full(Text.Problems.FullTeachers(MostTeachers));
        }
        database.Add(new CoTeacher { ClassId = classId, TeacherId = teacherId });
        await database.SaveChangesAsync(cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> Unshare(
        Guid classId,
        Guid teacherId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        bool may =
            teacher.Id() == teacherId
            || await ClassEndpoints.Own(database, teacher, classId).AnyAsync(cancellation);
        int gone = may
            ? await database
                .CoTeachers.Where(c => c.ClassId == classId && c.TeacherId == teacherId)
                .ExecuteDeleteAsync(cancellation)
            : 0;
        return gone == 0 ? Problems.NotFound(Thing.Teacher) : TypedResults.NoContent();
    }

    private static async Task<IResult> Give(
        Guid classId,
        HandOver request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TeacherAccounts accounts,
        CancellationToken cancellation
    )
    {
        IQueryable<SchoolClass> own = teacher.IsHead()
            ? database.Classes.Where(c => c.Id == classId)
            : ClassEndpoints.Own(database, teacher, classId);
        SchoolClass? found = await own.Include(c => c.CoTeachers).FirstOrDefaultAsync(cancellation);
        if (found is null)
        {
            return Problems.NotFound(Thing.Class);
        }
        if (!await database.Users.AnyAsync(t => t.Id == request.TeacherId, cancellation))
        {
            return Problems.NotFound(Thing.Teacher);
        }
        await accounts.HandOver(found, request.TeacherId, cancellation);
        return TypedResults.NoContent();
    }
}
