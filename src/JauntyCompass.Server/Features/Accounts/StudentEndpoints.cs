using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Features.Demo;
using JauntyCompass.Server.Features.School;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>How a student joins.</summary>
/// <param name="ClassCode">The code of the class.</param>
/// <param name="GivenName">The student's given name.</param>
/// <param name="Pin">The student's PIN: four digits.</param>
/// <param name="Keep">Whether this device stays signed in for weeks; else until the browser is closed, a day at most.</param>
public sealed record StudentSignIn(
    string ClassCode,
    string GivenName,
    string Pin,
    bool Keep = false
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("classCode", ClassCode, 1, 12);
        errors.Text("givenName", GivenName, 1, GivenNames.Longest);
        errors.Text("pin", Pin, 4, 8);
    }
}

/// <summary>How a student joins with a card.</summary>
/// <param name="Card">What the card's code holds after its last sign of equality.</param>
/// <param name="Keep">Whether this device stays signed in for weeks; else until the browser is closed, a day at most.</param>
public sealed record CardSignIn(string Card, bool Keep = false) : IValidatable
{
    public void Validate(ValidationErrors errors) =>
        errors.Text("card", Card, Secret.Length, Secret.Length);
}

public static class StudentEndpoints
{
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
            .RequireRateLimiting(RateLimits.SignIn)
            .ProducesValidationProblem()
            .ProducesProblem(401)
            .ProducesProblem(429)
            .WithExample(new StudentSignIn("HERON6", "Wren", "0000"));
        group
            .MapPost("/session/card", JoinByCard)
            .WithName("JoinByCard")
            .WithSummary("Signs a student in by the code on their card.")
            .RequireRateLimiting(RateLimits.SignIn)
            .ProducesValidationProblem()
            .ProducesProblem(401)
            .ProducesProblem(429)
            .WithExample(new CardSignIn("5lXwH0m1n2b3v4c5x6z7a8s9d0f1g2h3"));
        group
            .MapDelete("/session", Leave)
            .WithName("LeaveClass")
            .WithSummary("Signs the student out; the session ends at once.");
    }

    private static async Task<Ok<SessionReply>> Current(
        HttpContext context,
        JauntyDbContext database,
        IAntiforgery antiforgery
    )
    {
        string? language =
            context.User.Identity?.IsAuthenticated == true
                ? await LanguageOf(context.User.Id(), database, context.RequestAborted)
                : null;
        return TypedResults.Ok(SessionReply.Of(context, context.User, antiforgery, language));
    }

    private static async Task<string> LanguageOf(
        Guid studentId,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        HouseRules? rules = await database
            .Classes.Where(c => c.Students.Any(s => s.Id == studentId))
            .Select(c => c.Rules)
            .FirstOrDefaultAsync(cancellation);
        return (rules ?? HouseRules.Usual).Language;
    }

    private static async Task<Results<Ok<SessionReply>, ProblemHttpResult>> Join(
        StudentSignIn request,
        HttpContext context,
        JauntyDbContext database,
        SchoolSettings school,
        Tries tries,
        IPasswordHasher<Student> hasher,
        IAntiforgery antiforgery
    )
    {
        string code = request.ClassCode.Trim().ToUpperInvariant();
        string name = GivenNames.KeyOf(request.GivenName);
        KnownDevice device = KnownDevice.Of(context);
        IReadOnlyList<CountedTry> tried = Tries.AsStudent(code, name, context, device);
        if (await tries.Take(tried, context.RequestAborted) is TimeSpan wait)
        {
            return Tries.TooSoon(context, wait);
        }
        // Its published PINs open the made-up class only.
        bool published =
            code == DemoData.ClassCode && !(await school.Get(context.RequestAborted)).IsDemo;
        Student? student = await database
            .Classes.Where(c => c.Code == code && c.ArchivedAt == null && !published)
            .SelectMany(c => c.Students)
            .FirstOrDefaultAsync(
                s => s.NameKey == name && s.ArchivedAt == null,
                context.RequestAborted
            );
        if (!Matches(student, request.Pin.Trim(), hasher))
        {
            return Refused(Text.Problems.NoMatchStudent);
        }
        await tries.GiveBack(tried, context.RequestAborted);
        device.Remember(Tries.StudentSubject(code, name), context);
        return await Enter(student!, request.Keep, context, database, antiforgery);
    }

    private static async Task<Results<Ok<SessionReply>, ProblemHttpResult>> JoinByCard(
        CardSignIn request,
        HttpContext context,
        JauntyDbContext database,
        Tries tries,
        IAntiforgery antiforgery
    )
    {
        IReadOnlyList<CountedTry> tried = Tries.WithSecret(context);
        if (await tries.Take(tried, context.RequestAborted) is TimeSpan wait)
        {
            return Tries.TooSoon(context, wait);
        }
        byte[] card = Secret.HashOf(request.Card.Trim());
        var found = await database
            .Classes.Where(c => c.ArchivedAt == null)
            .SelectMany(c => c.Students, (c, s) => new { c.Code, Student = s })
            .FirstOrDefaultAsync(
                f => f.Student.CardHash == card && f.Student.ArchivedAt == null,
                context.RequestAborted
            );
        if (found is null)
        {
            return Refused(Text.Problems.NoMatchCard);
        }
        await tries.GiveBack(tried, context.RequestAborted);
        KnownDevice
            .Of(context)
            .Remember(Tries.StudentSubject(found.Code, found.Student.NameKey), context);
        return await Enter(found.Student, request.Keep, context, database, antiforgery);
    }

    private static async Task<Ok<SessionReply>> Enter(
        Student student,
        bool keep,
        HttpContext context,
        JauntyDbContext database,
        IAntiforgery antiforgery
    ) =>
        TypedResults.Ok(
            SessionReply.Of(
                context,
                await People.Enter(context, student, keep),
                antiforgery,
                await LanguageOf(student.Id, database, context.RequestAborted)
            )
        );

    private static async Task<Ok<SessionReply>> Leave(HttpContext context, IAntiforgery antiforgery)
    {
        await People.Leave(context);
        return TypedResults.Ok(SessionReply.Of(context, SessionReply.Nobody, antiforgery));
    }

    // A name that does not exist takes as long as one that does: something is verified in any case.
    private static string? _nobodysHash;

    private static bool Matches(Student? student, string pin, IPasswordHasher<Student> hasher)
    {
        string hash =
            student?.PinHash ?? (_nobodysHash ??= hasher.HashPassword(null!, Secret.New()));
        return hasher.VerifyHashedPassword(student!, hash, pin) != PasswordVerificationResult.Failed
            && student is not null;
    }

    private static ProblemHttpResult Refused(Message detail) =>
        Problems.Of(StatusCodes.Status401Unauthorized, Text.Problems.NoMatch, detail);
}
