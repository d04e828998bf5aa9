using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.EntityFrameworkCore;
using Microsoft.Net.Http.Headers;

namespace JauntyCompass.Server.Api;

/// <summary>Turns everything that goes wrong into problem details (RFC 9457) that say what to do.</summary>
public static partial class Problems
{
    public static void AddProblems(this IServiceCollection services)
    {
        services.AddProblemDetails();
        services.AddExceptionHandler<Handler>();
        // Otherwise unreadable bodies end as a bare 400 that names no field.
        services.Configure<RouteHandlerOptions>(options => options.ThrowOnBadRequest = true);
    }

    public static void UseProblems(this WebApplication app)
    {
        // What the handler knows is a refusal, not a fault; it logs the others itself.
        app.UseExceptionHandler(
            new ExceptionHandlerOptions { SuppressDiagnosticsCallback = _ => true }
        );
        app.Use(
            (context, next) =>
                // Another encoding would be an error deep inside the reading.
                MediaTypeHeaderValue.TryParse(context.Request.ContentType, out var type)
                && type.Charset.HasValue
                && !type.Charset.Equals("utf-8", StringComparison.OrdinalIgnoreCase)
                    ? Results
                        .Problem(
                            statusCode: StatusCodes.Status415UnsupportedMediaType,
                            detail: "Send application/json, in UTF-8."
                        )
                        .ExecuteAsync(context)
                    : next(context)
        );
        app.UseStatusCodePages(context =>
            Results
                .Problem(
                    statusCode: context.HttpContext.Response.StatusCode,
                    detail: Detail(context.HttpContext)
                )
                .ExecuteAsync(context.HttpContext)
        );
    }

    /// <summary>A problem that names fields and what is allowed in them.</summary>
    public static IResult Invalid(IEnumerable<ValidationError> errors) =>
        Results.ValidationProblem(
            errors
                .GroupBy(f => f.Field)
                .ToDictionary(g => g.Key, g => g.Select(f => f.Message).ToArray()),
            title: "Some fields are not as they must be.",
            detail: "See errors: each names a field and what is allowed in it."
        );

    /// <summary>A problem with one field.</summary>
    public static IResult Invalid(string field, string message) =>
        Invalid([new ValidationError(field, message)]);

    /// <summary>Type of the problem that the anti-forgery token is missing or old: the session has to be asked for again.</summary>
    public const string OldToken = "urn:jaunty-compass:old-token";

    /// <summary>Type of the problem that work is somebody else's than whoever is signed in.</summary>
    public const string OtherPerson = "urn:jaunty-compass:other-student";

    /// <summary>Work is somebody else's than whoever is signed in by now.</summary>
    public static IResult OtherStudent() =>
        Results.Problem(
            statusCode: StatusCodes.Status403Forbidden,
            type: OtherPerson,
            title: "Somebody else is signed in here now.",
            detail: "Nothing was stored. Sign in as the student who did this, then it is taken."
        );

    /// <summary>There is no room for another one.</summary>
    public static IResult Full(string detail) =>
        Results.Problem(
            statusCode: StatusCodes.Status409Conflict,
            title: "No more fit.",
            detail: detail
        );

    /// <summary>The thing does not exist, or it is not yours: which of the two is not told.</summary>
    public static IResult NotFound(string what) =>
        Results.Problem(
            statusCode: 404,
            title: $"There is no such {what}.",
            detail: "Check the address; it may also belong to someone else."
        );

    private static string Detail(HttpContext context) =>
        context.Response.StatusCode switch
        {
            401 => "Sign in first.",
            403 => "This is not yours to see or do.",
            404 => "There is nothing at this address. /openapi/v1.json lists what there is.",
            405 => "This address does not take that method. /openapi/v1.json lists what it takes.",
            413 => $"Send at most {Limits.BodyKilobytes} kB.",
            415 => "Send application/json, in UTF-8.",
            _ => "The request could not be served.",
        };

    private sealed partial class Handler(ILogger<Handler> log) : IExceptionHandler
    {
        public async ValueTask<bool> TryHandleAsync(
            HttpContext context,
            Exception exception,
            CancellationToken cancellation
        )
        {
            IResult? problem = exception switch
            {
                BadHttpRequestException { StatusCode: 413 } => Results.Problem(
                    statusCode: 413,
                    title: "The request is too large.",
                    detail: $"Send at most {Limits.BodyKilobytes} kB."
                ),
                BadHttpRequestException bad => Unreadable(bad),
                // How the serializer says that "kind" is missing where kinds are told apart.
                NotSupportedException unknown
                    when MissingKind().Match(unknown.Message) is { Success: true } missing =>
                    Invalid(
                        missing.Groups[1].Value + ".kind",
                        $"is required and must be one of: {string.Join(", ", ExerciseKinds.All.Select(k => k.Key))}."
                    ),
                AntiforgeryValidationException => Results.Problem(
                    statusCode: 400,
                    type: OldToken,
                    title: "The anti-forgery token is missing or old.",
                    detail: $"Get the session again and send its antiforgeryToken as the header {Limits.AntiforgeryHeader}."
                ),
                SpecificationConflictException collision => Invalid(
                    "specification",
                    collision.Message
                ),
                // A text with half a letter in it, or with a letter of another encoding.
                InvalidOperationException
                or DecoderFallbackException when exception.Source == "System.Text.Json" => Invalid(
                    "body",
                    "must be JSON in UTF-8; one of its texts cannot be read."
                ),
                // Whoever asked has gone: nobody reads the answer.
                OperationCanceledException when context.RequestAborted.IsCancellationRequested =>
                    Results.StatusCode(StatusCodes.Status499ClientClosedRequest),
                DbUpdateException taken when StorageSetup.IsTaken(taken) => Results.Problem(
                    statusCode: StatusCodes.Status409Conflict,
                    title: "Somebody changed the same thing at the same moment.",
                    detail: "Look at it as it is now, and send yours again if it is still wanted."
                ),
                _ when StorageSetup.IsOutage(exception) => Later(
                    context,
                    "The database does not answer."
                ),
                _ when StorageSetup.IsCollision(exception) => Later(
                    context,
                    "Several changed the same thing at the same moment."
                ),
                _ => null,
            };
            if (problem is null)
            {
                log.LogError(exception, "Unexpected error");
                problem = Results.Problem(
                    statusCode: 500,
                    title: "Something went wrong on our side.",
                    detail: "Nothing was stored. Try again; if it stays so, tell whoever runs the server."
                );
            }
            await problem.ExecuteAsync(context);
            return true;
        }

        private static IResult Later(HttpContext context, string title)
        {
            context.Response.Headers.RetryAfter = "2";
            return Results.Problem(
                statusCode: 503,
                title: title,
                detail: "Nothing was stored. Send the same request again in a moment."
            );
        }

        private static IResult Unreadable(BadHttpRequestException bad)
        {
            if (bad.InnerException is not JsonException json)
            {
                return UnreadableParameter(bad);
            }
            string path =
                string.IsNullOrEmpty(json.Path) || json.Path == "$"
                    ? ""
                    : json.Path.Replace("$.", "", StringComparison.Ordinal);
            Match missing = MissingProperties().Match(json.Message);
            if (missing.Success)
            {
                return Invalid(
                    missing
                        .Groups[1]
                        .Value.Split(", ")
                        .Select(name => new ValidationError(
                            (path.Length == 0 ? "" : path + ".") + name.Trim('\''),
                            "is required."
                        ))
                );
            }
            string message =
                json.Message.StartsWith("must be", StringComparison.Ordinal) ? json.Message
                : json.Message.Contains("could not be converted", StringComparison.Ordinal)
                    ? "has a value of the wrong type or an unknown name."
                : json.Message.Contains("type discriminator", StringComparison.Ordinal)
                    ? "must have a known kind."
                : "is not valid JSON here.";
            return Invalid(path.Length == 0 ? "body" : path, message);
        }

        // The framework says these in the words of whoever wrote the endpoint; here in those of whoever called it.
        private static IResult UnreadableParameter(BadHttpRequestException bad)
        {
            Match unbound = UnboundParameter().Match(bad.Message);
            Match required = RequiredParameter().Match(bad.Message);
            if (unbound.Success)
            {
                string type = unbound.Groups[1].Value;
                return Invalid(
                    unbound.Groups[2].Value,
                    type.Contains("Guid", StringComparison.Ordinal) ? "must be a UUID."
                        : type.Contains("int", StringComparison.OrdinalIgnoreCase)
                            ? "must be a whole number."
                        : "has a value that cannot be read."
                );
            }
            if (required.Success)
            {
                return Invalid(required.Groups[1].Value, "is required.");
            }
            if (bad.Message.Contains("no body was provided", StringComparison.Ordinal))
            {
                return Invalid("body", "is required: send JSON.");
            }
            return Results.Problem(
                statusCode: bad.StatusCode,
                title: "The request cannot be read.",
                detail: bad.StatusCode == StatusCodes.Status415UnsupportedMediaType
                    ? "Send application/json, in UTF-8."
                    : "It is cut off or not well formed. /openapi/v1.json tells what is expected here."
            );
        }

        [GeneratedRegex("Failed to bind parameter \"(\\S+) (\\w+)\"")]
        private static partial Regex UnboundParameter();

        [GeneratedRegex("Required parameter \"\\S+ (\\w+)\" was not provided")]
        private static partial Regex RequiredParameter();

        [GeneratedRegex(@"must specify a type discriminator\. Path: \$\.?([^ ]*) ")]
        private static partial Regex MissingKind();

        [GeneratedRegex("missing required properties including: (.+?)\\.?( Path:|$)")]
        private static partial Regex MissingProperties();
    }
}
