using System.Security.Claims;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using JauntyCompass.Server.Storage.Sharing;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>A teacher's own account.</summary>
/// <param name="UserName">What they sign in with.</param>
/// <param name="DisplayName">The name that others see.</param>
/// <param name="Head">Whether they look after the accounts of the school.</param>
/// <param name="Language">Tag of the language in which the Desk speaks to them; null: as their browser does.</param>
/// <param name="Devices">At how many devices they are signed in now.</param>
public sealed record AccountReply(
    string UserName,
    string DisplayName,
    bool Head,
    string? Language,
    int Devices
);

/// <summary>The name that others see, and the language of the Desk.</summary>
/// <param name="DisplayName">The name.</param>
/// <param name="Language">Tag of the language; null: as the browser does.</param>
public sealed record AccountChange(string DisplayName, string? Language = null) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("displayName", DisplayName, 1, 80);
        if (Language is not null)
        {
            errors.OneOf("language", Language, Locales.Language.Tags);
        }
    }
}

/// <summary>Another password.</summary>
/// <param name="Current">The one so far.</param>
/// <param name="Password">The new one.</param>
public sealed record PasswordChange(string Current, string Password) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Range(
            "current",
            Current.Length,
            1,
            Passwords.PasswordRules.Longest,
            Unit.Characters
        );
        errors.Range(
            "password",
            Password.Length,
            1,
            Passwords.PasswordRules.Longest,
            Unit.Characters
        );
    }
}

/// <summary>A teacher in the list of colleagues.</summary>
public sealed record ColleagueReply(Guid Id, string DisplayName);

public static class AccountEndpoints
{
    public static void MapAccount(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/account").WithTags("Account");
        group
            .MapGet("", Own)
            .WithName("GetAccount")
            .WithSummary("The teacher's own account.")
            .Produces<AccountReply>();
        group
            .MapPut("", Change)
            .WithName("ChangeAccount")
            .WithSummary("Changes the name that others see, and the language of the Desk.")
            .Produces(204)
            .ProducesValidationProblem()
            .WithExample(new AccountChange("M. Fenwick"));
        group
            .MapPut("/password", ChangePassword)
            .WithName("ChangePassword")
            .WithSummary("Changes the password; the teacher is signed out everywhere else.")
            .RequireRateLimiting(RateLimits.SignIn)
            .Produces(204)
            .ProducesValidationProblem()
            .ProducesProblem(429)
            .WithExample(new PasswordChange("a few words in a row", "other words in a line"));
        group
            .MapDelete("/sessions", SignOutElsewhere)
            .WithName("SignOutElsewhere")
            .WithSummary("Signs the teacher out at all other devices.")
            .Produces(204);
        teacher
            .MapGet("/colleagues", Colleagues)
            .WithName("ListColleagues")
            .WithSummary("The other teachers of the school, to share classes with.")
            .WithTags("Account")
            .Produces<List<ColleagueReply>>();
    }

    private static async Task<IResult> Own(
        ClaimsPrincipal person,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        (Guid id, DateTimeOffset now) = (person.Id(), clock.GetUtcNow());
        return TypedResults.Ok(
            await database
                .Users.Where(t => t.Id == id)
                .Select(t => new AccountReply(
                    t.UserName!,
                    t.DisplayName,
                    t.IsHead,
                    t.Language,
                    database.Sessions.Count(s => s.TeacherId == id && s.EndsAt > now)
                ))
                .SingleAsync(cancellation)
        );
    }

    private static async Task<IResult> Change(
        AccountChange request,
        ClaimsPrincipal person,
        JauntyDbContext database,
        SharedCache cache,
        CancellationToken cancellation
    )
    {
        Guid id = person.Id();
        string name = request.DisplayName.Trim();
        await cache.Change(
            database,
            [Part.Person(id)],
            () =>
                database
                    .Users.Where(t => t.Id == id)
                    .ExecuteUpdateAsync(
                        t =>
                            t.SetProperty(x => x.DisplayName, name)
                                .SetProperty(x => x.Language, request.Language),
                        cancellation
                    ),
            cancellation
        );
        return TypedResults.NoContent();
    }

    private static async Task<IResult> ChangePassword(
        PasswordChange request,
        HttpContext context,
        JauntyDbContext database,
        TeacherAccounts accounts,
        Tries tries
    )
    {
        Teacher teacher = (
            await database.Users.FindAsync([context.User.Id()], context.RequestAborted)
        )!;
        // Whoever finds a desk unattended must not try passwords through here.
        IReadOnlyList<CountedTry> tried = Tries.AsTeacher(
            teacher.UserName!,
            context,
            KnownDevice.Of(context)
        );
        if (await tries.Take(tried, context.RequestAborted) is TimeSpan wait)
        {
            return Tries.TooSoon(context, wait);
        }
        if (!await accounts.Matches(teacher, request.Current))
        {
            return Problems.Invalid("current", Text.Validation.Account.PasswordWrong);
        }
        await tries.GiveBack(tried, context.RequestAborted);
        var errors = new ValidationErrors();
        await accounts.SetPassword(
            teacher,
            request.Password,
            context.User.SessionKey(),
            errors,
            context.RequestAborted
        );
        return errors.None ? TypedResults.NoContent() : Problems.Invalid(errors.Found);
    }

    private static async Task<IResult> SignOutElsewhere(
        ClaimsPrincipal person,
        Sessions sessions,
        CancellationToken cancellation
    )
    {
        await sessions.EndAll(person.Id(), person.SessionKey(), cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> Colleagues(
        ClaimsPrincipal person,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = person.Id();
        return TypedResults.Ok(
            await database
                .Users.Where(t => t.Id != id)
                .OrderBy(t => t.DisplayName)
                .Select(t => new ColleagueReply(t.Id, t.DisplayName))
                .ToListAsync(cancellation)
        );
    }
}
