using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;
using Microsoft.Net.Http.Headers;

namespace JauntyCompass.Server.Api;

/// <summary>What may not be there.</summary>
public enum Thing
{
    Set,
    Class,
    Item,
    Teacher,
    Assignment,
    Student,
    AdaptiveSet,
    Instrument,
    RunningOrder,
    Answer,
    Schema,
    Demonstration,
}

/// <summary>Turns everything that goes wrong into problem details (RFC 9457) that say what to do.</summary>
public static partial class Problems
{
    public static void AddProblems(this IServiceCollection services)
    {
        services.AddProblemDetails(options => options.CustomizeProblemDetails = Say);
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
                    ? Of(
                            StatusCodes.Status415UnsupportedMediaType,
                            Text.Problems.Unreadable,
                            Text.Problems.SendJson
                        )
                        .ExecuteAsync(context)
                    : next(context)
        );
        app.UseStatusCodePages(async context =>
        {
            if (!await Pages.SendLostAsync(context.HttpContext))
            {
                await OfStatus(context.HttpContext).ExecuteAsync(context.HttpContext);
            }
        });
    }

    // The texts are made where the problem is written, in the language of whoever asked.
    private static void Say(ProblemDetailsContext context)
    {
        ProblemDetails problem = context.ProblemDetails;
        if (
            !problem.Extensions.TryGetValue(ProblemMessages.Extension, out object? extension)
            || extension is not ProblemMessages messages
        )
        {
            return;
        }
        Phrasing phrasing = context
            .HttpContext.RequestServices.GetRequiredService<Speaker>()
            .Phrasing;
        problem.Title = phrasing.Say(messages.Title);
        problem.Detail = phrasing.Say(messages.Detail);
        if (messages.Errors is not null)
        {
            problem.Extensions["errors"] = messages.Errors.ToDictionary(
                field => field.Key,
                field => field.Value.Select(phrasing.Say).ToArray()
            );
        }
    }

    /// <summary>A problem.</summary>
    /// <param name="status">Status of the reply.</param>
    /// <param name="title">What is the matter.</param>
    /// <param name="detail">What to do.</param>
    /// <param name="type">Its type, where a program has to tell it from others.</param>
    public static ProblemHttpResult Of(
        int status,
        Message title,
        Message detail,
        string? type = null
    ) => Of(status, new ProblemMessages(title, detail), type);

    private static ProblemHttpResult Of(
        int status,
        ProblemMessages messages,
        string? type = null
    ) =>
        TypedResults.Problem(
            new ProblemDetails
            {
                Status = status,
                Type = type,
                Extensions = { [ProblemMessages.Extension] = messages },
            }
        );

    /// <summary>A problem that names fields and what is allowed in them.</summary>
    public static ProblemHttpResult Invalid(IEnumerable<ValidationError> errors) =>
        Of(
            StatusCodes.Status400BadRequest,
            new ProblemMessages(
                Text.Problems.SomeFields,
                Text.Problems.SeeErrors,
                errors
                    .GroupBy(f => f.Field)
                    .ToDictionary(g => g.Key, g => g.Select(f => f.Message).ToArray())
            )
        );

    /// <summary>A problem with one field.</summary>
    public static ProblemHttpResult Invalid(string field, Message message) =>
        Invalid([new ValidationError(field, message)]);

    /// <summary>Type of the problem that the anti-forgery token is missing or old: the session has to be asked for again.</summary>
    public const string OldToken = "urn:jaunty-compass:old-token";

    /// <summary>Type of the problem that work is somebody else's than whoever is signed in.</summary>
    public const string OtherPerson = "urn:jaunty-compass:other-student";

    /// <summary>Work is somebody else's than whoever is signed in by now.</summary>
    public static ProblemHttpResult OtherStudent() =>
        Of(
            StatusCodes.Status403Forbidden,
            Text.Problems.OtherStudent,
            Text.Problems.OtherStudentDetail,
            OtherPerson
        );

    /// <summary>There is no room for another one.</summary>
    public static ProblemHttpResult Full(Message detail) =>
        Of(StatusCodes.Status409Conflict, Text.Problems.Full, detail);

    /// <summary>The thing does not exist, or it is not yours: which of the two is not told.</summary>
    public static ProblemHttpResult NotFound(Thing what) =>
        Of(
            StatusCodes.Status404NotFound,
            Text.Problems.NotFound(what),
            Text.Problems.NotFoundDetail
        );

    private static ProblemHttpResult OfStatus(HttpContext context)
    {
        int status = context.Response.StatusCode;
        return status switch
        {
            401 => Of(status, Text.Problems.SignInTitle, Text.Problems.SignInFirst),
            403 => Of(status, Text.Problems.NotAllowed, Text.Problems.NotYours),
            404 => Of(status, Text.Problems.NothingHereTitle, Text.Problems.NothingHere),
            405 => Of(status, Text.Problems.NotAllowed, Text.Problems.WrongMethod),
            413 => Of(
                status,
                Text.Problems.TooLarge,
                Text.Problems.SendAtMost(Limits.BodyKilobytes)
            ),
            415 => Of(status, Text.Problems.Unreadable, Text.Problems.SendJson),
            _ => Of(status, Text.Problems.NotServed, Text.Problems.UnreadableDetail),
        };
    }

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
                BadHttpRequestException { StatusCode: 413 } => Of(
                    413,
                    Text.Problems.TooLarge,
                    Text.Problems.SendAtMost(Limits.BodyKilobytes)
                ),
                BadHttpRequestException bad => Unreadable(bad),
                // How the serializer says that "kind" is missing where kinds are told apart.
                NotSupportedException unknown
                    when MissingKind().Match(unknown.Message) is { Success: true } missing =>
                    Invalid(
                        missing.Groups[1].Value + ".kind",
                        Text.Validation.OneOf(
                            string.Join(", ", ExerciseKinds.All.Select(k => k.Key))
                        )
                    ),
                AntiforgeryValidationException => Of(
                    400,
                    Text.Problems.OldToken,
                    Text.Problems.OldTokenDetail(Limits.AntiforgeryHeader),
                    OldToken
                ),
                SpecificationConflictException collision => Invalid(
                    "specification",
                    collision.Collision
                ),
                // A text with half a letter in it, or with a letter of another encoding.
                InvalidOperationException
                or DecoderFallbackException when exception.Source == "System.Text.Json" => Invalid(
                    "body",
                    Text.Validation.NotUtf8
                ),
                // Whoever asked has gone: nobody reads the answer.
                OperationCanceledException when context.RequestAborted.IsCancellationRequested =>
                    Results.StatusCode(StatusCodes.Status499ClientClosedRequest),
                DbUpdateException taken when StorageSetup.IsTaken(taken) => Of(
                    StatusCodes.Status409Conflict,
                    Text.Problems.SameMoment,
                    Text.Problems.SameMomentDetail
                ),
                _ when StorageSetup.IsOutage(exception) => Later(context, Text.Problems.NoDatabase),
                _ when StorageSetup.IsCollision(exception) => Later(
                    context,
                    Text.Problems.SameMoment
                ),
                _ => null,
            };
            if (problem is null)
            {
                log.LogError(exception, "Unexpected error");
                problem = Of(500, Text.Problems.OurFault, Text.Problems.OurFaultDetail);
            }
            await problem.ExecuteAsync(context);
            return true;
        }

        private static ProblemHttpResult Later(HttpContext context, Message title)
        {
            context.Response.Headers.RetryAfter = "2";
            return Of(503, title, Text.Problems.SendAgain);
        }

        private static ProblemHttpResult Unreadable(BadHttpRequestException bad)
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
                            Text.Validation.Missing
                        ))
                );
            }
            Message message =
                json is OutOfRangeJsonException outside ? outside.Allowed
                : json.Message.Contains("could not be converted", StringComparison.Ordinal)
                    ? Text.Validation.WrongType
                : json.Message.Contains("type discriminator", StringComparison.Ordinal)
                    ? Text.Validation.UnknownKind
                : Text.Validation.NotJson;
            return Invalid(path.Length == 0 ? "body" : path, message);
        }

        // The framework says these in the words of whoever wrote the endpoint; here in those of whoever called it.
        private static ProblemHttpResult UnreadableParameter(BadHttpRequestException bad)
        {
            Match unbound = UnboundParameter().Match(bad.Message);
            Match required = RequiredParameter().Match(bad.Message);
            if (unbound.Success)
            {
                string type = unbound.Groups[1].Value;
                return Invalid(
                    unbound.Groups[2].Value,
                    type.Contains("Guid", StringComparison.Ordinal) ? Text.Validation.Uuid
                        : type.Contains("int", StringComparison.OrdinalIgnoreCase)
                            ? Text.Validation.WholeNumber
                        : Text.Validation.Unreadable
                );
            }
            if (required.Success)
            {
                return Invalid(required.Groups[1].Value, Text.Validation.Missing);
            }
            if (bad.Message.Contains("no body was provided", StringComparison.Ordinal))
            {
                return Invalid("body", Text.Validation.SendJson);
            }
            return Of(
                bad.StatusCode,
                Text.Problems.Unreadable,
                bad.StatusCode == StatusCodes.Status415UnsupportedMediaType
                    ? Text.Problems.SendJson
                    : Text.Problems.UnreadableDetail
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
