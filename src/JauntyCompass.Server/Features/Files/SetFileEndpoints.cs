using System.Security.Claims;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Sets;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Mvc;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Files;

/// <summary>A set file to be kept.</summary>
/// <param name="Text">Its text.</param>
public sealed record SetText(string Text) : IValidatable
{
    public void Validate(ValidationErrors errors) =>
        JsonFile.Read<SetFile>(Text, SetFile.LongestText, errors);
}

/// <summary>Sets as files, out and in.</summary>
public static class SetFileEndpoints
{
    public static void MapSetFiles(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/sets").WithTags("Sets");
        group
            .MapGet("/{setId:guid}/file", Write)
            .WithName("WriteSetFile")
            .WithSummary("A set as a file.")
            .Produces<SetFile>()
            .ProducesProblem(404);
        group
            .MapPost("/read", Keep)
            .WithName("ReadSetFile")
            .WithSummary(
                "Keeps a set from a file as it is; a fault names its line, and then nothing is kept."
            )
            .WithMetadata(new RequestSizeLimitAttribute(FileEndpoints.LargestFile))
            .RequireRateLimiting(RateLimits.Heavy)
            .Produces<SetReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(409)
            .WithExample(
                new SetText(
                    JsonFile.Write(
                        SetFile.Of(
                            "One angle",
                            new SetSpecification([new KindCount("measure", 1)]),
                            7,
                            SetGenerator.Version,
                            [Examples.Item],
                            []
                        )
                    )
                )
            );
    }

    private static async Task<IResult> Write(
        Guid setId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        ExerciseSet? set = await database
            .SetsOf(id)
            .AsNoTracking()
            .FirstOrDefaultAsync(s => s.Id == setId, cancellation);
        return set is null
            ? Problems.NotFound(Thing.Set)
            : Results.Text(
                JsonFile.Write(
                    SetFile.Of(
                        set.Title,
                        set.Specification,
                        set.Seed,
                        set.GeneratorVersion,
                        set.Items,
                        set.Forms ?? []
                    )
                ),
                "application/json"
            );
    }

    private static Task<IResult> Keep(
        SetText request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    ) =>
        SetEndpoints.Keep(
            JsonFile.Read<SetFile>(request.Text, SetFile.LongestText, new ValidationErrors())!,
            teacher,
            database,
            clock,
            cancellation
        );
}
