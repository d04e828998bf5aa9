using System.Text.Json.Nodes;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using Microsoft.AspNetCore.Mvc;

namespace JauntyCompass.Server.Features.Files;

/// <summary>A file of wishes to be read.</summary>
/// <param name="Text">Its text.</param>
public sealed record SpecificationText(string Text) : IValidatable
{
    public void Validate(ValidationErrors errors) =>
        JsonFile.Read<SpecificationFile>(Text, SpecificationFile.LongestText, errors);
}

/// <summary>A file of answers to be marked again.</summary>
/// <param name="Text">Its text.</param>
public sealed record AnswersText(string Text) : IValidatable
{
    public void Validate(ValidationErrors errors) =>
        JsonFile.Read<AnswersFile>(Text, AnswersFile.LongestText, errors);
}

/// <summary>An item to be drawn.</summary>
/// <param name="Item">The item.</param>
public sealed record FigureRequest(Item Item) : IValidatable
{
    public void Validate(ValidationErrors errors) => errors.Within("item", Item);
}

/// <summary>Files that anybody may read and have read: schemas, wishes, answers, figures. Nothing is kept.</summary>
public static class FileEndpoints
{
    private const string Svg = "image/svg+xml";

    /// <summary>The largest file that may be sent, in bytes.</summary>
    internal const int LargestFile = 24 * 1024 * 1024;

    public static void MapFiles(this RouteGroupBuilder api)
    {
        api.MapGet("/schemas/{name}", Schema)
            .WithName("FileSchema")
            .WithSummary("The JSON schema of a file: instrument, specification, set or answers.")
            .WithTags("Calculations")
            .Produces<JsonNode>()
            .ProducesProblem(404);
        api.MapPost("/specifications/read", (SpecificationText file) => Read(file.Text))
            .WithName("ReadSpecificationFile")
            .WithSummary("Reads a file of wishes; a fault names its line. Keeps nothing.")
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new SpecificationText(
                    JsonFile.Write(SpecificationFile.Of("Harbour angles", Examples.Specification))
                )
            );
        api.MapPost("/figures", Figure)
            .WithName("DrawFigure")
            .WithSummary("An item's sheet as SVG, true to size.")
            .WithTags("Calculations")
            .Produces<string>(200, Svg)
            .ProducesValidationProblem()
            .WithExample(new FigureRequest(Examples.Item));
    }

    /// <summary>Marking whole files is work; it is for teachers who are signed in.</summary>
    public static void MapAnswerMarking(this RouteGroupBuilder teacher) =>
        teacher
            .MapPost("/answers/mark", Mark)
            .WithName("MarkAnswersFile")
            .WithSummary(
                "Reads a file of answers and marks each by the newest marker, beside the marks it has. Keeps nothing."
            )
            .WithTags("Calculations")
            .RequireRateLimiting(RateLimits.Heavy)
            .WithMetadata(new RequestSizeLimitAttribute(LargestFile))
            .ProducesValidationProblem()
            .WithExample(
                new AnswersText(
                    JsonFile.Write(
                        AnswersFile.Of(
                            "Harbour angles",
                            2,
                            [new AnswerInFile(1, 0, 1, 1, Examples.Item, Examples.Response, [])]
                        )
                    )
                )
            );

    private static IResult Schema(string name) =>
        Schemas.Of(name) is JsonNode schema
            ? TypedResults.Ok(schema)
            : Problems.NotFound(Thing.Schema);

    private static SpecificationFile Read(string text) =>
        JsonFile.Read<SpecificationFile>(
            text,
            SpecificationFile.LongestText,
            new ValidationErrors()
        )!;

    private static AnswersFile Mark(AnswersText request, CancellationToken cancellation) =>
        Remarking.Of(
            JsonFile.Read<AnswersFile>(
                request.Text,
                AnswersFile.LongestText,
                new ValidationErrors()
            )!,
            cancellation
        );

    private static IResult Figure(FigureRequest request, Speaker speaker) =>
        Results.Text(
            SheetSvg.Of(
                ExerciseKinds.Of(request.Item).Present(request.Item, HouseRules.Usual),
                speaker.Phrasing
            ),
            Svg
        );
}
