using System.Security.Claims;
using Microsoft.AspNetCore.Antiforgery;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>Who is signed in, and the token that changing requests must carry.</summary>
/// <param name="SignedIn">Whether anybody is.</param>
/// <param name="Id">Their id, or null.</param>
/// <param name="Name">Their name, or null.</param>
/// <param name="Head">Whether they look after the accounts of the school.</param>
/// <param name="Language">Tag of the language to speak: that of a student's class, or the one that a teacher has chosen; else null.</param>
/// <param name="AntiforgeryToken">To be sent as the header X-Jaunty-Token with every changing request.</param>
public sealed record SessionReply(
    bool SignedIn,
    Guid? Id,
    string? Name,
    bool Head,
    string? Language,
    string AntiforgeryToken
)
{
    /// <summary>The session of a person; the token is bound to that person.</summary>
    internal static SessionReply Of(
        HttpContext context,
        ClaimsPrincipal person,
        IAntiforgery antiforgery,
        string? language = null
    )
    {
        context.User = person;
        bool signedIn = person.Identity?.IsAuthenticated == true;
        string token = antiforgery.GetAndStoreTokens(context).RequestToken!;
        return signedIn
            ? new SessionReply(
                true,
                person.Id(),
                person.Identity!.Name,
                person.IsHead(),
                language,
                token
            )
            : new SessionReply(false, null, null, false, null, token);
    }

    internal static ClaimsPrincipal Nobody => new(new ClaimsIdentity());
}
