using System.Security.Claims;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Identity;

namespace JauntyCompass.Server.Features.Accounts;

/// <summary>
/// Who may be signed in: a teacher (ASP.NET Core Identity) and a student, each with a cookie of its own, so that a teacher can
/// try the Bench as a student in the same browser. Everything under /api/v1/bench is the student's.
/// </summary>
public static class People
{
    public const string TeacherPolicy = "teacher";
    public const string StudentPolicy = "student";
    public const string StudentScheme = "Jaunty.Student";
    private const string ByRoom = "Jaunty.ByRoom";
    private const string BenchPath = "/api/v1/bench";

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
                            : IdentityConstants.ApplicationScheme
            )
            .AddCookie(
                StudentScheme,
                options => Plain(options, "jaunty-student", TimeSpan.FromHours(12))
            )
            .AddIdentityCookies(cookies =>
                cookies.ApplicationCookie!.Configure(options =>
                    Plain(options, "jaunty-teacher", TimeSpan.FromDays(14))
                )
            );
        services
            .AddIdentityCore<Teacher>(options =>
            {
                options.Password.RequiredLength = 10;
                options.Password.RequireDigit = false;
                options.Password.RequireUppercase = false;
                options.Password.RequireLowercase = false;
                options.Password.RequireNonAlphanumeric = false;
                options.Lockout.MaxFailedAccessAttempts = 8;
                options.Lockout.DefaultLockoutTimeSpan = TimeSpan.FromMinutes(2);
                options.User.AllowedUserNameCharacters =
                    "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-._";
            })
            .AddEntityFrameworkStores<JauntyDbContext>()
            .AddSignInManager();
        services
            .AddAuthorizationBuilder()
            .AddPolicy(
                TeacherPolicy,
                policy =>
                    policy
                        .AddAuthenticationSchemes(IdentityConstants.ApplicationScheme)
                        .RequireAuthenticatedUser()
            )
            .AddPolicy(
                StudentPolicy,
                policy => policy.AddAuthenticationSchemes(StudentScheme).RequireAuthenticatedUser()
            );
    }

    /// <summary>The id of whoever is signed in.</summary>
    public static Guid Id(this ClaimsPrincipal person) =>
        Guid.Parse(person.FindFirstValue(ClaimTypes.NameIdentifier)!);

    /// <summary>The class of the student who is signed in.</summary>
    public static Guid ClassId(this ClaimsPrincipal student) =>
        Guid.Parse(student.FindFirstValue(ClaimTypes.GroupSid)!);

    /// <summary>The principal of a student.</summary>
    public static ClaimsPrincipal Of(Student student) =>
        new(
            new ClaimsIdentity(
                [
                    new Claim(ClaimTypes.NameIdentifier, student.Id.ToString()),
                    new Claim(ClaimTypes.Name, student.GivenName),
                    new Claim(ClaimTypes.GroupSid, student.ClassId.ToString()),
                ],
                StudentScheme
            )
        );

    // An interface for programs answers 401 and 403; it does not redirect to a page.
    private static void Plain(CookieAuthenticationOptions options, string name, TimeSpan lifetime)
    {
        options.Cookie.Name = name;
        options.Cookie.HttpOnly = true;
        options.Cookie.SameSite = SameSiteMode.Strict;
        options.Cookie.SecurePolicy = CookieSecurePolicy.SameAsRequest;
        options.ExpireTimeSpan = lifetime;
        options.SlidingExpiration = true;
        options.Events.OnRedirectToLogin = context =>
            Status(context.Response, StatusCodes.Status401Unauthorized);
        options.Events.OnRedirectToAccessDenied = context =>
            Status(context.Response, StatusCodes.Status403Forbidden);
    }

    private static Task Status(HttpResponse response, int status)
    {
        response.StatusCode = status;
        return Task.CompletedTask;
    }
}
