using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>The key of a one-time address.</summary>
public sealed record LinkKey(string Key) : IValidatable
{
    public void Validate(ValidationErrors errors) => errors.Text("key", Key, 1, 2 * Secret.Length);
}

/// <summary>What a one-time address is for.</summary>
/// <param name="Purpose">What for.</param>
/// <param name="ForHead">For an invitation: whether to look after the accounts of the school.</param>
/// <param name="UserName">For a new password: whose.</param>
/// <param name="EndsAt">Until when it works.</param>
public sealed record LinkReply(
    LinkPurpose Purpose,
    bool ForHead,
    string? UserName,
    DateTimeOffset EndsAt
);

/// <summary>An account made by invitation.</summary>
public sealed record InvitedTeacher(
    string Key,
    string UserName,
    string DisplayName,
    string Password
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("key", Key, 1, 2 * Secret.Length);
        NewTeacher.Validate(UserName, DisplayName, Password, errors);
    }
}

/// <summary>A new password by a one-time address.</summary>
public sealed record LinkedPassword(string Key, string Password) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("key", Key, 1, 2 * Secret.Length);
        errors.Range(
            "password",
            Password.Length,
            1,
            Passwords.PasswordRules.Longest,
            Unit.Characters
        );
    }
}

/// <summary>What one-time addresses open. Keys come in bodies, so that they stand in no log.</summary>
public static class OneTimeLinkEndpoints
{
    private const string ExampleKey = "5lXwH0m1n2b3v4c5x6z7a8s9d0f1g2h3";

    public static void MapOneTimeLinks(this RouteGroupBuilder api)
    {
        RouteGroupBuilder group = api.MapGroup("/links").RequireRateLimiting(RateLimits.SignIn);
        group
            .MapPost("", Look)
            .WithName("LookAtLink")
            .WithSummary("What a one-time address is for; it is not used up by this.")
            .Produces<LinkReply>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(429)
            .WithExample(new LinkKey(ExampleKey));
        group
            .MapPost("/invitation", Accept)
            .WithName("AcceptInvitation")
            .WithSummary(
                "Makes an account by invitation and signs it in; the invitation is used up."
            )
            .Produces<SessionReply>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(429)
            .WithExample(
                new InvitedTeacher(ExampleKey, "marsh", "R. Marsh", "a few words in a row")
            );
        group
            .MapPost("/password", ChoosePassword)
            .WithName("ChoosePassword")
            .WithSummary(
                "Gives a new password by a one-time address and signs in; all other sessions end, and the address is used up."
            )
            .Produces<SessionReply>()
            .ProducesValidationProblem()
            .ProducesProblem(404)
            .ProducesProblem(429)
            .WithExample(new LinkedPassword(ExampleKey, "a few words in a row"));
    }

    private static Task<IResult> Look(
        LinkKey request,
        HttpContext context,
        OneTimeLinks links,
        Tries tries,
        JauntyDbContext database
    ) =>
        Open(
            request.Key,
            null,
            context,
            links,
            tries,
            async link =>
                TypedResults.Ok(
                    new LinkReply(
                        link.Purpose,
                        link.ForHead,
                        await database
                            .Users.Where(t => t.Id == link.TeacherId)
                            .Select(t => t.UserName)
                            .FirstOrDefaultAsync(context.RequestAborted),
                        link.EndsAt
                    )
                )
        );

    private static Task<IResult> Accept(
        InvitedTeacher request,
        HttpContext context,
        IAntiforgery antiforgery,
        OneTimeLinks links,
        Tries tries,
        TeacherAccounts accounts,
        JauntyDbContext database
    ) =>
        Open(
            request.Key,
            LinkPurpose.Invitation,
            context,
            links,
            tries,
            async link =>
            {
                var errors = new ValidationErrors();
                await using var transaction = await database.Database.BeginTransactionAsync(
                    context.RequestAborted
                );
                if (!await links.Use(link, context.RequestAborted))
                {
                    return Used();
                }
                Teacher? teacher = await accounts.Make(
                    request.UserName,
                    request.DisplayName,
                    request.Password,
                    link.ForHead,
                    errors,
                    context.RequestAborted
                );
                if (teacher is null)
                {
                    return Problems.Invalid(errors.Found);
                }
                await transaction.CommitAsync(context.RequestAborted);
                return TypedResults.Ok(
                    await TeacherEndpoints.Enter(teacher, keep: false, context, antiforgery)
                );
            }
        );

    private static Task<IResult> ChoosePassword(
        LinkedPassword request,
        HttpContext context,
        IAntiforgery antiforgery,
        OneTimeLinks links,
        Tries tries,
        TeacherAccounts accounts,
        JauntyDbContext database
    ) =>
        Open(
            request.Key,
            LinkPurpose.NewPassword,
            context,
            links,
            tries,
            async link =>
            {
                var errors = new ValidationErrors();
                await using var transaction = await database.Database.BeginTransactionAsync(
                    context.RequestAborted
                );
                Teacher? teacher = await database.Users.FindAsync(
                    [link.TeacherId],
                    context.RequestAborted
                );
                if (teacher is null || !await links.Use(link, context.RequestAborted))
                {
                    return Used();
                }
                await accounts.SetPassword(
                    teacher,
                    request.Password,
                    butSession: null,
                    errors,
                    context.RequestAborted
                );
                if (!errors.None)
                {
                    return Problems.Invalid(errors.Found);
                }
                await transaction.CommitAsync(context.RequestAborted);
                return TypedResults.Ok(
                    await TeacherEndpoints.Enter(teacher, keep: false, context, antiforgery)
                );
            }
        );

    // Keys cannot be guessed, but whoever tries is made to wait all the same.
    private static async Task<IResult> Open(
        string key,
        LinkPurpose? purpose,
        HttpContext context,
        OneTimeLinks links,
        Tries tries,
        Func<OneTimeLink, Task<IResult>> then
    )
    {
        IReadOnlyList<CountedTry> tried = Tries.WithSecret(context);
        if (await tries.Take(tried, context.RequestAborted) is TimeSpan wait)
        {
            return Tries.TooSoon(context, wait);
        }
        OneTimeLink? link = await links.Find(key.Trim(), context.RequestAborted);
        if (link is null || (purpose is not null && link.Purpose != purpose))
        {
            return Used();
        }
        await tries.GiveBack(tried, context.RequestAborted);
        return await then(link);
    }

    private static ProblemHttpResult Used() =>
        Problems.Of(
            StatusCodes.Status404NotFound,
            Text.Problems.LinkUsed,
            Text.Problems.LinkUsedDetail
        );
}
