using System.Security.Claims;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>A teacher as whoever looks after the accounts sees them.</summary>
public sealed record StaffReply(
    Guid Id,
    string UserName,
    string DisplayName,
    bool Head,
    int Classes,
    int Devices
);

/// <summary>An invitation to be made.</summary>
/// <param name="Head">Whether the new teacher looks after the accounts of the school, too.</param>
public sealed record NewInvitation(bool Head = false);

/// <summary>A one-time address. It is told once.</summary>
/// <param name="Path">The part of the address after the name of the server.</param>
/// <param name="EndsAt">Until when it works.</param>
public sealed record OneTimeAddress(string Path, DateTimeOffset EndsAt);

/// <summary>Whether a teacher looks after the accounts of the school.</summary>
public sealed record HeadChange(bool Head);

/// <summary>What somebody who looks after the accounts of the school can do.</summary>
public static class StaffEndpoints
{
    public static void MapStaff(this RouteGroupBuilder head)
    {
        RouteGroupBuilder group = head.MapGroup("/staff").WithTags("School");
        group
            .MapGet("", All)
            .WithName("ListStaff")
            .WithSummary("All teachers of the school.")
            .Produces<List<StaffReply>>();
        group
            .MapPost("/invitations", Invite)
            .WithName("Invite")
            .WithSummary("Makes an invitation: an address that works once, for three days.")
            .Produces<OneTimeAddress>(201)
            .ProducesProblem(409)
            .WithExample(new NewInvitation());
        group
            .MapPost("/{teacherId:guid}/password-link", Reset)
            .WithName("ResetPassword")
            .WithSummary(
                "Makes an address at which a teacher chooses a new password; it works once, for three days."
            )
            .Produces<OneTimeAddress>(201)
            .ProducesProblem(404)
            .ProducesProblem(409);
        group
            .MapDelete("/{teacherId:guid}/sessions", SignOut)
            .WithName("SignOutTeacher")
            .WithSummary("Signs a teacher out everywhere.")
            .Produces(204)
            .ProducesProblem(404);
        group
            .MapPut("/{teacherId:guid}/head", SetHead)
            .WithName("SetHead")
            .WithSummary("Lets a teacher look after the accounts of the school, or no longer.")
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(409)
            .WithExample(new HeadChange(true));
        group
            .MapGet("/{teacherId:guid}/belongings", BelongingsOf)
            .WithName("GetBelongings")
            .WithSummary("What would go with a teacher who is removed.")
            .Produces<Belongings>()
            .ProducesProblem(404);
        group
            .MapDelete("/{teacherId:guid}", Remove)
            .WithName("RemoveTeacher")
            .WithSummary(
                "Removes a teacher for good. Classes and sets go to the heir that is named, or with the teacher."
            )
            .Produces(204)
            .ProducesProblem(404)
            .ProducesProblem(409);
    }

    private static async Task<IResult> All(
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        DateTimeOffset now = clock.GetUtcNow();
        return TypedResults.Ok(
            await database
                .Users.OrderBy(t => t.DisplayName)
                .Select(t => new StaffReply(
                    t.Id,
                    t.UserName!,
                    t.DisplayName,
                    t.IsHead,
                    database.Classes.Count(c => c.TeacherId == t.Id),
                    database.Sessions.Count(s => s.TeacherId == t.Id && s.EndsAt > now)
                ))
                .ToListAsync(cancellation)
        );
    }

    private static async Task<IResult> Invite(
        NewInvitation request,
        OneTimeLinks links,
        CancellationToken cancellation
    ) => LinkReplyOf(await links.Make(LinkPurpose.Invitation, null, request.Head, cancellation));

    private static async Task<IResult> Reset(
        Guid teacherId,
        JauntyDbContext database,
        OneTimeLinks links,
        CancellationToken cancellation
    ) =>
        await database.Users.AnyAsync(t => t.Id == teacherId, cancellation)
            ? LinkReplyOf(await links.Make(LinkPurpose.NewPassword, teacherId, false, cancellation))
            : Problems.NotFound(Thing.Teacher);

    private static async Task<IResult> SignOut(
        Guid teacherId,
        JauntyDbContext database,
        Sessions sessions,
        CancellationToken cancellation
    )
    {
        if (!await database.Users.AnyAsync(t => t.Id == teacherId, cancellation))
        {
            return Problems.NotFound(Thing.Teacher);
        }
        await sessions.EndAll(teacherId, null, cancellation);
        return TypedResults.NoContent();
    }

    private static async Task<IResult> SetHead(
        Guid teacherId,
        HeadChange request,
        JauntyDbContext database,
        TeacherAccounts accounts,
        CancellationToken cancellation
    )
    {
        if (!await database.Users.AnyAsync(t => t.Id == teacherId, cancellation))
        {
            return Problems.NotFound(Thing.Teacher);
        }
        return await accounts.SetHead(teacherId, request.Head, cancellation)
            ? TypedResults.NoContent()
            : OnlyHead();
    }

    private static async Task<IResult> BelongingsOf(
        Guid teacherId,
        JauntyDbContext database,
        TeacherAccounts accounts,
        CancellationToken cancellation
    ) =>
        await database.Users.AnyAsync(t => t.Id == teacherId, cancellation)
            ? TypedResults.Ok(await accounts.BelongingsOf(teacherId, cancellation))
            : Problems.NotFound(Thing.Teacher);

    private static async Task<IResult> Remove(
        Guid teacherId,
        Guid? heir,
        ClaimsPrincipal person,
        JauntyDbContext database,
        TeacherAccounts accounts,
        CancellationToken cancellation
    )
    {
        if (!await database.Users.AnyAsync(t => t.Id == teacherId, cancellation))
        {
            return Problems.NotFound(Thing.Teacher);
        }
        if (
            heir is Guid to
            && (to == teacherId || !await database.Users.AnyAsync(t => t.Id == to, cancellation))
        )
        {
            return Problems.Invalid("heir", Text.Validation.Account.Heir);
        }
        return await accounts.Remove(teacherId, heir, cancellation)
            ? TypedResults.NoContent()
            : OnlyHead();
    }

    private static IResult LinkReplyOf((string Key, DateTimeOffset EndsAt)? made) =>
        made is (string key, DateTimeOffset endsAt)
            ? TypedResults.Created(
                (string?)null,
                new OneTimeAddress(OneTimeLinks.PathOf(key), endsAt)
            )
            : Problems.Of(
                StatusCodes.Status409Conflict,
                Text.Problems.LinksFull,
                Text.Problems.LinksFullDetail(OneTimeLinks.MostOpen)
            );

    private static ProblemHttpResult OnlyHead() =>
        Problems.Of(
            StatusCodes.Status409Conflict,
            Text.Problems.OnlyHead,
            Text.Problems.OnlyHeadDetail
        );
}
