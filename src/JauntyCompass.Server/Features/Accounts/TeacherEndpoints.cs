using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Features.Demo;
using JauntyCompass.Server.Features.School;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>A teacher's user name and password.</summary>
/// <param name="UserName">User name.</param>
/// <param name="Password">Password.</param>
/// <param name="Keep">Whether this device stays signed in for weeks; else until the browser is closed, a day at most.</param>
public sealed record TeacherSignIn(string UserName, string Password, bool Keep = false)
    : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("userName", UserName, 1, 60);
        errors.Range("password", Password.Length, 1, 200, Unit.Characters);
    }
}

/// <summary>A new teacher's account.</summary>
public sealed record NewTeacher(string UserName, string DisplayName, string Password) : IValidatable
{
    public void Validate(ValidationErrors errors) =>
        Validate(UserName, DisplayName, Password, errors);

    internal static void Validate(
        string userName,
        string displayName,
        string password,
        ValidationErrors errors
    )
    {
        errors.Text("userName", userName, 3, 60);
        errors.Text("displayName", displayName, 1, 80);
        errors.Range(
            "password",
            password.Length,
            1,
            Passwords.PasswordRules.Longest,
            Unit.Characters
        );
    }
}

public static class TeacherEndpoints
{
    public static void MapTeachers(this RouteGroupBuilder api)
    {
        RouteGroupBuilder group = api.MapGroup("")
            .WithTags("Sign-in")
            .AddEndpointFilter<AntiforgeryFilter>();
        group
            .MapGet("/session", Current)
            .WithName("GetSession")
            .WithSummary("Which teacher is signed in, and the anti-forgery token.");
        group
            .MapPost("/session", SignIn)
            .WithName("SignIn")
            .WithSummary("Signs a teacher in.")
            .RequireRateLimiting(RateLimits.SignIn)
            .ProducesValidationProblem()
            .ProducesProblem(401)
            .ProducesProblem(429)
            .WithExample(new TeacherSignIn("fenwick", "a few words in a row"));
        group
            .MapDelete("/session", SignOut)
            .WithName("SignOut")
            .WithSummary("Signs the teacher out; the session ends at once.");
        group
            .MapPost("/teachers", Register)
            .WithName("Register")
            .WithSummary("Makes a teacher's account and signs it in, where the school allows it.")
            .RequireRateLimiting(RateLimits.SignIn)
            .Produces<SessionReply>()
            .ProducesValidationProblem()
            .ProducesProblem(403)
            .WithExample(new NewTeacher("fenwick", "M. Fenwick", "a few words in a row"));
        group.MapOneTimeLinks();
    }

    private static async Task<Ok<SessionReply>> Current(
        HttpContext context,
        JauntyDbContext database,
        IAntiforgery antiforgery
    )
    {
        string? language = null;
        if (context.User.Identity?.IsAuthenticated == true)
        {
            Guid id = context.User.Id();
            language = await database
                .Users.Where(t => t.Id == id)
                .Select(t => t.Language)
                .FirstOrDefaultAsync(context.RequestAborted);
        }
        return TypedResults.Ok(SessionReply.Of(context, context.User, antiforgery, language));
    }

    private static async Task<Results<Ok<SessionReply>, ProblemHttpResult>> SignIn(
        TeacherSignIn request,
        HttpContext context,
        IAntiforgery antiforgery,
        TeacherAccounts accounts,
        SchoolSettings school,
        Tries tries
    )
    {
        KnownDevice device = KnownDevice.Of(context);
        IReadOnlyList<CountedTry> tried = Tries.AsTeacher(request.UserName, context, device);
        if (await tries.Take(tried, context.RequestAborted) is TimeSpan wait)
        {
            return Tries.TooSoon(context, wait);
        }
        Teacher? teacher = await accounts.Find(request.UserName);
        // A published password opens the made-up school only.
        bool published =
            request.Password == DemoData.Password
            && !(await school.Get(context.RequestAborted)).IsDemo;
        if (!await accounts.Matches(teacher, request.Password) || published)
        {
            return Problems.Of(
                StatusCodes.Status401Unauthorized,
                Text.Problems.NoMatch,
                Text.Problems.NoMatchTeacher
            );
        }
        await tries.GiveBack(tried, context.RequestAborted);
        device.Remember(Tries.TeacherSubject(request.UserName), context);
        return TypedResults.Ok(await Enter(teacher!, request.Keep, context, antiforgery));
    }

    private static async Task<Ok<SessionReply>> SignOut(
        HttpContext context,
        IAntiforgery antiforgery
    )
    {
        await People.Leave(context);
        return TypedResults.Ok(SessionReply.Of(context, SessionReply.Nobody, antiforgery));
    }

    private static async Task<IResult> Register(
        NewTeacher request,
        HttpContext context,
        IAntiforgery antiforgery,
        TeacherAccounts accounts,
        SchoolSettings school
    )
    {
        if (!(await school.Get(context.RequestAborted)).TeachersMayRegister)
        {
            return Problems.Of(
                StatusCodes.Status403Forbidden,
                Text.Problems.InvitationOnly,
                Text.Problems.InvitationOnlyDetail
            );
        }
        var errors = new ValidationErrors();
        Teacher? teacher = await accounts.Make(
            request.UserName,
            request.DisplayName,
            request.Password,
            head: false,
            errors,
            context.RequestAborted
        );
        return teacher is null
            ? Problems.Invalid(errors.Found)
            : TypedResults.Ok(await Enter(teacher, keep: false, context, antiforgery));
    }

    /// <summary>Signs a teacher in who has shown who they are.</summary>
    internal static async Task<SessionReply> Enter(
        Teacher teacher,
        bool keep,
        HttpContext context,
        IAntiforgery antiforgery
    ) =>
        SessionReply.Of(
            context,
            await People.Enter(context, teacher, keep),
            antiforgery,
            teacher.Language
        );
}
