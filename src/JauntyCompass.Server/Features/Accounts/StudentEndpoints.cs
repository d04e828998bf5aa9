using JauntyCompass.Core.Checking;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>How a student joins.</summary>
/// <param name="ClassCode">The code of the class.</param>
/// <param name="GivenName">The student's given name.</param>
/// <param name="Pin">The student's PIN: four digits.</param>
public sealed record StudentSignIn(string ClassCode, string GivenName, string Pin) : IChecked
{
    public void Check(Faults faults)
    {
        faults.Text("classCode", ClassCode, 1, 12);
        faults.Text("givenName", GivenName, 1, 40);
        faults.Text("pin", Pin, 4, 8);
    }
}

public static class StudentEndpoints
{
    // A four-digit PIN holds only as long as it cannot be tried through.
    private const int FailedPinsAllowed = 6;
    private static readonly TimeSpan LockedFor = TimeSpan.FromMinutes(2);

    public static void MapStudents(this RouteGroupBuilder bench)
    {
        RouteGroupBuilder group = bench
            .MapGroup("")
            .WithTags("Sign-in")
            .AddEndpointFilter<AntiforgeryFilter>();
        group
            .MapGet("/session", Current)
            .WithName("GetStudentSession")
            .WithSummary("Which student is signed in, and the anti-forgery token.");
        group
            .MapPost("/session", Join)
            .WithName("JoinClass")
            .WithSummary("Signs a student in by class code, given name and PIN.")
            .ProducesValidationProblem()
            .ProducesProblem(401)
            .WithExample(new StudentSignIn("HERON6", "Wren", "0000"));
        group
            .MapDelete("/session", Leave)
            .WithName("LeaveClass")
            .WithSummary("Signs the student out.");
    }

    /// <summary>A name as it is compared: capital letters and spaces around it do not count.</summary>
    public static string NameKey(string givenName) => givenName.Trim().ToUpperInvariant();

    private static Ok<SessionReply> Current(HttpContext context, IAntiforgery antiforgery) =>
        TypedResults.Ok(SessionReply.Of(context, context.User, antiforgery));

    private static async Task<Results<Ok<SessionReply>, ProblemHttpResult>> Join(
        StudentSignIn request,
        HttpContext context,
        JauntyDbContext database,
        IPasswordHasher<Student> hasher,
        IAntiforgery antiforgery,
        TimeProvider clock
    )
    {
        string code = request.ClassCode.Trim().ToUpperInvariant();
        string name = NameKey(request.GivenName);
        Student? student = await database
            .Classes.Where(c => c.Code == code)
            .SelectMany(c => c.Students)
            .FirstOrDefaultAsync(s => s.NameKey == name, context.RequestAborted);
        if (student is null)
        {
            // As slow as a wrong PIN, so that names cannot be told by the clock.
            hasher.HashPassword(null!, request.Pin);
            return Refused();
        }
        DateTimeOffset now = clock.GetUtcNow();
        if (student.LockedUntil > now)
        {
            return TypedResults.Problem(
                statusCode: 401,
                title: "Too many tries.",
                detail: "Wait two minutes, or ask your teacher for a new PIN."
            );
        }
        if (
            hasher.VerifyHashedPassword(student, student.PinHash, request.Pin.Trim())
            == PasswordVerificationResult.Failed
        )
        {
            await CountFailure(
                database.Students.Where(s => s.Id == student.Id),
                now,
                context.RequestAborted
            );
            return Refused();
        }
        (student.FailedPins, student.LockedUntil) = (0, null);
        await database.SaveChangesAsync(context.RequestAborted);
        await context.SignInAsync(People.StudentScheme, People.Of(student));
        return TypedResults.Ok(SessionReply.Of(context, People.Of(student), antiforgery));
    }

    // Counted in the database, so that tries made at the same moment all count.
    private static async Task CountFailure(
        IQueryable<Student> student,
        DateTimeOffset now,
        CancellationToken cancellation
    )
    {
        await student.ExecuteUpdateAsync(
            s => s.SetProperty(x => x.FailedPins, x => x.FailedPins + 1),
            cancellation
        );
        await student
            .Where(s => s.FailedPins >= FailedPinsAllowed)
            .ExecuteUpdateAsync(
                s =>
                    s.SetProperty(x => x.FailedPins, 0)
                        .SetProperty(x => x.LockedUntil, now + LockedFor),
                cancellation
            );
    }

    private static async Task<Ok<SessionReply>> Leave(HttpContext context, IAntiforgery antiforgery)
    {
        await context.SignOutAsync(People.StudentScheme);
        return TypedResults.Ok(SessionReply.Of(context, SessionReply.Nobody, antiforgery));
    }

    private static ProblemHttpResult Refused() =>
        TypedResults.Problem(
            statusCode: 401,
            title: "Class code, name and PIN do not go together.",
            detail: "Check all three with your teacher."
        );
}
