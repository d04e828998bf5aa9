using System.Security.Claims;
using JauntyCompass.Server.Features.Accounts.SigningIn;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Identity;
using Microsoft.Extensions.Options;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>
/// Who may be signed in: a teacher and a student, each with a cookie of its own, so that a teacher can try the Bench as a student
/// in the same browser. Everything under /api/v1/bench is the student's. A cookie only names a session; the session is looked up
/// at every request, and what somebody may do is as it is now.
/// </summary>
public static class People
{
    public const string TeacherPolicy = "teacher";
    public const string HeadPolicy = "head";
    public const string StudentPolicy = "student";
    public const string StudentScheme = "Jaunty.Student";
    public const string TeacherScheme = "Jaunty.Teacher";
    private const string ByRoom = "Jaunty.ByRoom";
    private const string BenchPath = "/api/v1/bench";
    private const string SessionClaim = "session";
    private const string HeadRole = "head";

    // What guards a PIN is that few are tried (Tries). Ten thousand possible ones are soon gone through whatever each costs, and when
    // the bell rings a whole school is verified.
    private const int RoundsOfAPin = 10_000;
    private static readonly object NotLookedUp = new();

    public static void AddPeople(this IServiceCollection services)
    {
        services
            .AddAuthentication(ByRoom)
            .AddPolicyScheme(
                ByRoom,
                null,
                options =>
                    options.ForwardDefaultSelector = context =>
                        context.Request.Path.StartsWithSegments(BenchPath)
                            ? StudentScheme
                            : TeacherScheme
            )
            .AddCookie(StudentScheme, options => Plain(options, "jaunty-student"))
            .AddCookie(TeacherScheme, options => Plain(options, "jaunty-teacher"));
        services
            .AddIdentityCore<Teacher>(options =>
            {
                // Passwords are judged by PasswordRules.
                options.Password = new PasswordOptions
                {
                    RequiredLength = 1,
                    RequireDigit = false,
                    RequireUppercase = false,
                    RequireLowercase = false,
                    RequireNonAlphanumeric = false,
                };
                options.User.AllowedUserNameCharacters =
                    "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-._";
            })
            .AddEntityFrameworkStores<JauntyDbContext>();
        services
            .AddAuthorizationBuilder()
            .AddPolicy(
                TeacherPolicy,
                policy => policy.AddAuthenticationSchemes(TeacherScheme).RequireAuthenticatedUser()
            )
            .AddPolicy(
                HeadPolicy,
                policy => policy.AddAuthenticationSchemes(TeacherScheme).RequireRole(HeadRole)
            )
            .AddPolicy(
                StudentPolicy,
                policy => policy.AddAuthenticationSchemes(StudentScheme).RequireAuthenticatedUser()
            );
        services.AddSingleton<IPasswordHasher<Student>>(
            new PasswordHasher<Student>(
                Options.Create(new PasswordHasherOptions { IterationCount = RoundsOfAPin })
            )
        );
        services.AddScoped<Sessions>();
        services.AddScoped<Tries>();
        services.AddScoped<TeacherAccounts>();
        services.AddScoped<OneTimeLinks>();
    }

    /// <summary>The id of whoever is signed in.</summary>
    public static Guid Id(this ClaimsPrincipal person) =>
        Guid.Parse(person.FindFirstValue(ClaimTypes.NameIdentifier)!);

    /// <summary>The class of the student who is signed in.</summary>
    public static Guid ClassId(this ClaimsPrincipal student) =>
        Guid.Parse(student.FindFirstValue(ClaimTypes.GroupSid)!);

    /// <summary>Whether the teacher who is signed in looks after the accounts of the school.</summary>
    public static bool IsHead(this ClaimsPrincipal teacher) => teacher.IsInRole(HeadRole);

    /// <summary>The key of the session somebody is signed in by.</summary>
    public static string SessionKey(this ClaimsPrincipal person) =>
        person.FindFirstValue(SessionClaim)!;

    /// <summary>Signs a teacher in at this device.</summary>
    /// <param name="context">The request.</param>
    /// <param name="teacher">Who.</param>
    /// <param name="keep">Whether the device stays signed in for weeks; else until the browser is closed, a day at most.</param>
    public static Task<ClaimsPrincipal> Enter(HttpContext context, Teacher teacher, bool keep) =>
        Enter(
            context,
            TeacherScheme,
            teacher.Id,
            new SignedIn(teacher.Id, teacher.DisplayName, null, teacher.IsHead, default),
            keep
        );

    /// <summary>Signs a student in at this device.</summary>
    public static Task<ClaimsPrincipal> Enter(HttpContext context, Student student, bool keep) =>
        Enter(
            context,
            StudentScheme,
            student.Id,
            new SignedIn(student.Id, student.GivenName, student.ClassId, false, default),
            keep
        );

    /// <summary>Signs out at this device: the session ends, and with it every copy of its cookie.</summary>
    public static Task Leave(HttpContext context) =>
        context.SignOutAsync(
            context.Request.Path.StartsWithSegments(BenchPath) ? StudentScheme : TeacherScheme
        );

    private static async Task<ClaimsPrincipal> Enter(
        HttpContext context,
        string scheme,
        Guid personId,
        SignedIn who,
        bool keep
    )
    {
        // Whoever was signed in here before is not any more.
        await EndSession(context, scheme);
        string key = await context
            .RequestServices.GetRequiredService<Sessions>()
            .Begin(
                scheme == TeacherScheme ? personId : null,
                scheme == StudentScheme ? personId : null,
                keep,
                context.RequestAborted
            );
        ClaimsPrincipal person = Of(who, key, scheme);
        await context.SignInAsync(
            scheme,
            person,
            new AuthenticationProperties
            {
                IsPersistent = keep,
                ExpiresUtc = context
                    .RequestServices.GetRequiredService<TimeProvider>()
                    .GetUtcNow()
                    .Add(Sessions.Longest(keep)),
            }
        );
        return person;
    }

    private static ClaimsPrincipal Of(SignedIn who, string key, string scheme)
    {
        var claims = new List<Claim>
        {
            new(ClaimTypes.NameIdentifier, who.PersonId.ToString()),
            new(ClaimTypes.Name, who.Name),
            new(SessionClaim, key),
        };
        if (who.ClassId is Guid classId)
        {
            claims.Add(new Claim(ClaimTypes.GroupSid, classId.ToString()));
        }
        if (who.IsHead)
        {
            claims.Add(new Claim(ClaimTypes.Role, HeadRole));
        }
        return new ClaimsPrincipal(new ClaimsIdentity(claims, scheme));
    }

    private static void Plain(CookieAuthenticationOptions options, string name)
    {
        options.Cookie.Name = name;
        options.Cookie.HttpOnly = true;
        options.Cookie.SameSite = SameSiteMode.Strict;
        options.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
        options.SlidingExpiration = false;
        // An interface for programs answers 401 and 403; it does not redirect to a page.
        options.Events.OnRedirectToLogin = context =>
            context.HttpContext.Items[NotLookedUp] is Exception outage
                // Whoever is signed in must not be sent to sign in again because the database is away.
                ? throw outage
                : Status(context.Response, StatusCodes.Status401Unauthorized);
        options.Events.OnRedirectToAccessDenied = context =>
            Status(context.Response, StatusCodes.Status403Forbidden);
        options.Events.OnValidatePrincipal = Validate;
        options.Events.OnSigningOut = context =>
            EndSession(context.HttpContext, context.Scheme.Name);
    }

    private static async Task Validate(CookieValidatePrincipalContext context)
    {
        ClaimsPrincipal? said = context.Principal;
        string? key = said?.FindFirstValue(SessionClaim);
        SignedIn? who = null;
        try
        {
            who = key is null
                ? null
                : await context
                    .HttpContext.RequestServices.GetRequiredService<Sessions>()
                    .Find(
                        key,
                        said!.Id(),
                        said!.FindFirst(ClaimTypes.GroupSid) is null ? null : said.ClassId(),
                        context.HttpContext.RequestAborted
                    );
        }
        catch (Exception outage) when (StorageSetup.IsOutage(outage))
        {
            // What needs no account goes on without the database.
            context.HttpContext.Items[NotLookedUp] = outage;
        }
        if (who is null)
        {
            context.RejectPrincipal();
        }
        else
        {
            context.ReplacePrincipal(Of(who, key!, context.Scheme.Name));
        }
    }

    private static async Task EndSession(HttpContext context, string scheme)
    {
        AuthenticateResult before = await context.AuthenticateAsync(scheme);
        if (before.Principal is { } person)
        {
            await context
                .RequestServices.GetRequiredService<Sessions>()
                .EndKey(person.SessionKey(), person.Id(), context.RequestAborted);
        }
    }

    private static Task Status(HttpResponse response, int status)
    {
        response.StatusCode = status;
        return Task.CompletedTask;
    }
}
