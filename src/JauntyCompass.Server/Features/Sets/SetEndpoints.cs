using System.Security.Claims;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Sets;

/// <summary>A specification and a seed.</summary>
/// <param name="Specification">What is wanted.</param>
/// <param name="Seed">0 to 2147483647; the same seed gives the same set.</param>
public record GenerateRequest(SetSpecification Specification, int Seed) : IValidatable
{
    public virtual void Validate(ValidationErrors errors)
    {
        errors.Within("specification", Specification);
        errors.Range("seed", Seed, 0, int.MaxValue);
    }
}

/// <summary>A set to be generated and kept.</summary>
/// <param name="Title">What the teacher calls it.</param>
/// <param name="Specification">What is wanted.</param>
/// <param name="Seed">0 to 2147483647.</param>
public sealed record NewSet(string Title, SetSpecification Specification, int Seed)
    : GenerateRequest(Specification, Seed)
{
    public override void Validate(ValidationErrors errors)
    {
        errors.Text("title", Title, 1, 120);
        base.Validate(errors);
    }
}

/// <summary>A kept set in the list.</summary>
public sealed record SetReply(
    Guid Id,
    string Title,
    int Items,
    DateTimeOffset CreatedAt,
    bool Archived = false
);

/// <summary>A kept set with its items.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">What the teacher calls it.</param>
/// <param name="Specification">What was wanted.</param>
/// <param name="Seed">The seed.</param>
/// <param name="Items">The items of the first form.</param>
/// <param name="Forms">How many parallel forms there are.</param>
public sealed record SetDetailReply(
    Guid Id,
    string Title,
    SetSpecification Specification,
    int Seed,
    IReadOnlyList<GeneratedItem> Items,
    int Forms
);

public static class SetEndpoints
{
    // Ten a week for ten years; with all their items some gigabyte.
    private const int MostSets = 4000;

    public static void MapGeneration(this RouteGroupBuilder api)
    {
        api.MapGet("/sets/ready", () => TypedResults.Ok(ReadySets.All))
            .WithName("ListReadySets")
            .WithSummary("Specifications that are ready to be used or changed.")
            .WithTags("Calculations");
        api.MapPost("/sets/generate", Generate)
            .WithName("GenerateSet")
            .WithSummary("Generates a set from a specification and a seed, and keeps nothing.")
            .WithTags("Calculations")
            .RequireRateLimiting(RateLimits.Heavy)
            .ProducesValidationProblem()
            .WithExample(new GenerateRequest(Examples.Specification, 7));
    }

    public static void MapSets(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/sets").WithTags("Sets");
        group.MapGet("", All).WithName("ListSets").WithSummary("The teacher's sets, newest first.");
        group
            .MapPost("", Add)
            .WithName("AddSet")
            .WithSummary("Generates a set and keeps it as it is.")
            .RequireRateLimiting(RateLimits.Heavy)
            .Produces<SetReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(409)
            .WithExample(new NewSet("Harbour survey", Examples.Specification, 7));
        group
            .MapGet("/{setId:guid}", One)
            .WithName("GetSet")
            .WithSummary("A set with its items.")
            .Produces<SetDetailReply>()
            .ProducesProblem(404);
        group.MapKeptSets();
    }

    private static Ok<GeneratedSet> Generate(
        GenerateRequest request,
        CancellationToken cancellation
    ) => TypedResults.Ok(SetGenerator.Generate(request.Specification, request.Seed, cancellation));

    private static async Task<Ok<List<SetReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        return TypedResults.Ok(
            await database
                .SetsOf(id)
                .OrderByDescending(s => s.CreatedAt)
                .Select(s => new SetReply(
                    s.Id,
                    s.Title,
                    s.ItemCount,
                    s.CreatedAt,
                    s.ArchivedAt != null
                ))
                .ToListAsync(cancellation)
        );
    }

    private static Task<IResult> Add(
        NewSet request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        GeneratedSet set = SetGenerator.Generate(request.Specification, request.Seed, cancellation);
        var file = SetFile.Of(
            request.Title,
            request.Specification,
            request.Seed,
            set.GeneratorVersion,
            [.. set.Items.Select(i => i.Item)],
            set.Forms
        );
        return Keep(file, teacher, database, clock, cancellation);
    }

    /// <summary>Keeps a set as it is, made here or read from a file.</summary>
    internal static async Task<IResult> Keep(
        SetFile file,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        if (await database.SetsOf(teacher.Id()).CountAsync(cancellation) >= MostSets)
        {
            return Problems.Full(Text.Problems.FullSets(MostSets));
        }
        var kept = new ExerciseSet
        {
            Id = Guid.CreateVersion7(),
            TeacherId = teacher.Id(),
            Title = file.Title.Trim(),
            Specification = file.Specification,
            Seed = file.Seed,
            GeneratorVersion = file.GeneratorVersion,
            Items = file.Items,
            Forms = file.Forms.Count == 0 ? null : file.Forms,
            ItemCount = file.Items.Count,
            CreatedAt = clock.GetUtcNow(),
        };
        database.Add(kept);
        await database.SaveChangesAsync(cancellation);
        return TypedResults.Created(
            $"/api/v1/sets/{kept.Id}",
            new SetReply(kept.Id, kept.Title, kept.ItemCount, kept.CreatedAt)
        );
    }

    private static async Task<IResult> One(
        Guid setId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        ExerciseSet? set = await database
            .Sets.AsNoTracking()
            .FirstOrDefaultAsync(s => s.Id == setId && s.TeacherId == id, cancellation);
        return set is null
            ? Problems.NotFound(Thing.Set)
            : TypedResults.Ok(
                new SetDetailReply(
                    set.Id,
                    set.Title,
                    set.Specification,
                    set.Seed,
                    [.. set.Items.Select(i => GeneratedItem.Of(i, set.Specification.Tolerance))],
                    1 + (set.Forms?.Count ?? 0)
                )
            );
    }
}
