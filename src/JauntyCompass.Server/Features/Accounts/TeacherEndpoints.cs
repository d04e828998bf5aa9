using JauntyCompass.Core.Checking;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Identity;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>A teacher's user name and password.</summary>
public sealed record TeacherSignIn(string UserName, string Password) : IChecked
{
    public void Check(Faults faults)
    {
        faults.Text("userName", UserName, 1, 60);
        faults.Range("password", Password.Length, 1, 200, "characters");
    }
}

/// <summary>A new teacher's account.</summary>
public sealed record NewTeacher(string UserName, string DisplayName, string Password) : IChecked
{
    public void Check(Faults faults)
    {
        faults.Text("userName", UserName, 3, 60);
        faults.Text("displayName", DisplayName, 1, 80);
        if (Password.Length is < 10 or > 200)
        {
            faults.Add(
                "password",
                "must have 10 to 200 characters; a few words in a row are good."
            );
        }
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
            .ProducesValidationProblem()
            .ProducesProblem(401)
            .WithExample(new TeacherSignIn("fenwick", "a few words in a row"));
        group
            .MapDelete("/session", SignOut)
            .WithName("SignOut")
            .WithSummary("Signs the teacher out.");
        group
            .MapPost("/teachers", Register)
            .WithName("Register")
            .WithSummary("Makes a teacher's account and signs it in.")
            .ProducesValidationProblem()
            .WithExample(new NewTeacher("fenwick", "M. Fenwick", "a few words in a row"));
    }

    private static async Task<Ok<SessionReply>> Current(
        HttpContext context,
        IAntiforgery antiforgery,
        UserManager<Teacher> teachers
    )
    {
        Teacher? teacher =
            context.User.Identity?.IsAuthenticated == true
                ? await teachers.GetUserAsync(context.User)
                : null;
        return TypedResults.Ok(
            SessionReply.Of(
                context,
                teacher is null ? SessionReply.Nobody : context.User,
                antiforgery,
                teacher?.DisplayName
            )
        );
    }

    private static async Task<Results<Ok<SessionReply>, ProblemHttpResult>> SignIn(
        TeacherSignIn request,
        HttpContext context,
        IAntiforgery antiforgery,
        SignInManager<Teacher> signIn,
        UserManager<Teacher> teachers,
        IPasswordHasher<Teacher> hasher
    )
    {
        Teacher? teacher = await teachers.FindByNameAsync(request.UserName.Trim());
        if (teacher is null)
        {
            // As slow as a wrong password, so that names cannot be told by the clock.
            hasher.HashPassword(new Teacher { DisplayName = "" }, request.Password);
            return Refused(locked: false);
        }
        SignInResult result = await signIn.CheckPasswordSignInAsync(
            teacher,
            request.Password,
            lockoutOnFailure: true
        );
        return result.Succeeded
            ? TypedResults.Ok(await Enter(teacher, context, antiforgery, signIn))
            : Refused(result.IsLockedOut);
    }

    private static async Task<Ok<SessionReply>> SignOut(
        HttpContext context,
        IAntiforgery antiforgery,
        SignInManager<Teacher> signIn
    )
    {
        await signIn.SignOutAsync();
        return TypedResults.Ok(SessionReply.Of(context, SessionReply.Nobody, antiforgery));
    }

    private static async Task<Results<Ok<SessionReply>, ValidationProblem>> Register(
        NewTeacher request,
        HttpContext context,
        IAntiforgery antiforgery,
        SignInManager<Teacher> signIn,
        UserManager<Teacher> teachers
    )
    {
        var teacher = new Teacher
        {
            Id = Guid.CreateVersion7(),
            UserName = request.UserName.Trim(),
            DisplayName = request.DisplayName.Trim(),
        };
        IdentityResult made = await teachers.CreateAsync(teacher, request.Password);
        if (!made.Succeeded)
        {
            return TypedResults.ValidationProblem(
                made.Errors.GroupBy(e =>
                        e.Code.Contains("Password", StringComparison.Ordinal)
                            ? "password"
                            : "userName"
                    )
                    .ToDictionary(g => g.Key, g => g.Select(e => e.Description).ToArray())
            );
        }
        return TypedResults.Ok(await Enter(teacher, context, antiforgery, signIn));
    }

    private static async Task<SessionReply> Enter(
        Teacher teacher,
        HttpContext context,
        IAntiforgery antiforgery,
        SignInManager<Teacher> signIn
    )
    {
        await signIn.SignInAsync(teacher, isPersistent: true);
        return SessionReply.Of(
            context,
            await signIn.CreateUserPrincipalAsync(teacher),
            antiforgery,
            teacher.DisplayName
        );
    }

    private static ProblemHttpResult Refused(bool locked) =>
        TypedResults.Problem(
            statusCode: StatusCodes.Status401Unauthorized,
            title: locked ? "Too many tries." : "That user name and password do not go together.",
            detail: locked
                ? "Wait two minutes, then try again."
                : "Check both; capital letters count in the password."
        );
}
