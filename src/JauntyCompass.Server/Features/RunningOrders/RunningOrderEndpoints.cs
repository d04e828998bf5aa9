using System.Security.Claims;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.RunningOrders;

/// <summary>A demonstration of a lesson.</summary>
/// <param name="Title">What the teacher sees in the list.</param>
/// <param name="Query">The Board's address for it, from the question mark on.</param>
/// <param name="Hands">Shows of hands at its questions, or null while none was held.</param>
public sealed record RunningOrderItem(
    string Title,
    string Query,
    IReadOnlyList<HandsShown>? Hands = null
) : IValidatable
{
    private const int LongestQuery = 6000;
    private const int MostQuestions = 60;

    public void Validate(ValidationErrors errors)
    {
        errors.Text("title", Title, 1, 120);
        errors.Text("query", Query, 1, LongestQuery);
        if (Query?.StartsWith('?') != true)
        {
            errors.Add("query", Text.Validation.Order.Query);
        }
        if (Hands is not null)
        {
            errors.Each("hands", Hands, 0, MostQuestions);
        }
    }
}

/// <summary>A show of hands at one question.</summary>
/// <param name="Step">The step that asks it.</param>
/// <param name="Counts">Hands for each of its choices, 0 to 999; null where none was counted.</param>
public sealed record HandsShown(string Step, IReadOnlyList<int?> Counts) : IValidatable
{
    private const int MostChoices = 12;
    private const int MostHands = 999;

    public void Validate(ValidationErrors errors)
    {
        errors.Text("step", Step, 1, 60);
        if (Counts is null || Counts.Count > MostChoices)
        {
            errors.Add("counts", Text.Validation.Order.Counts(MostChoices));
            return;
        }
        for (int i = 0; i < Counts.Count; i++)
        {
            errors.Range($"counts[{i}]", Counts[i] ?? 0, 0, MostHands);
        }
    }
}

/// <summary>A running order to be kept.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Items">Its demonstrations, at most 40.</param>
public sealed record NewRunningOrder(string Name, IReadOnlyList<RunningOrderItem> Items)
    : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("name", Name, 1, 120);
        errors.Each("items", Items, 1, 40);
    }
}

/// <summary>A kept running order.</summary>
public sealed record RunningOrderReply(
    Guid Id,
    string Name,
    IReadOnlyList<RunningOrderItem> Items,
    DateTimeOffset SavedAt
);

/// <summary>What a teacher demonstrates in a lesson, one after the other.</summary>
public static class RunningOrderEndpoints
{
    private const int MostOrders = 100;

    public static void MapRunningOrders(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/running-orders").WithTags("Running orders");
        group
            .MapGet("", All)
            .WithName("ListRunningOrders")
            .WithSummary("The teacher's running orders, newest first.");
        group
            .MapPost("", Save)
            .WithName("SaveRunningOrder")
            .WithSummary("Keeps a running order; one with the same name is replaced.")
            .Produces<RunningOrderReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(409)
            .WithExample(
                new NewRunningOrder(
                    "Both scales",
                    [
                        new RunningOrderItem(
                            "Measure ∠LKM",
                            "?measure=64",
                            [new HandsShown("scale", [15, 9])]
                        ),
                    ]
                )
            );
        group
            .MapDelete("/{orderId:guid}", Remove)
            .WithName("DeleteRunningOrder")
            .WithSummary("Deletes a running order.")
            .Produces(204)
            .ProducesProblem(404);
    }

    private static async Task<Ok<List<RunningOrderReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        List<RunningOrder> kept = await database
            .RunningOrders.AsNoTracking()
            .Where(o => o.TeacherId == id)
            .OrderByDescending(o => o.SavedAt)
            .ToListAsync(cancellation);
        return TypedResults.Ok(kept.ConvertAll(Reply));
    }

    private static async Task<IResult> Save(
        NewRunningOrder request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        string name = request.Name.Trim();
        await using var transaction = await database.TurnOf(id, cancellation);
        RunningOrder? kept = await database.RunningOrders.FirstOrDefaultAsync(
            o => o.TeacherId == id && o.Name == name,
            cancellation
        );
        if (kept is null)
        {
            if (
                await database.RunningOrders.CountAsync(o => o.TeacherId == id, cancellation)
                >= MostOrders
            )
            {
                return Problems.Full(Text.Problems.FullOrders(MostOrders));
            }
            kept = new RunningOrder
            {
                Id = Guid.CreateVersion7(),
                TeacherId = id,
                Name = name,
                Items = request.Items,
            };
            database.Add(kept);
        }
        (kept.Items, kept.SavedAt) = (request.Items, clock.GetUtcNow());
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return TypedResults.Created($"/api/v1/running-orders/{kept.Id}", Reply(kept));
    }

    private static async Task<IResult> Remove(
        Guid orderId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        int gone = await database
            .RunningOrders.Where(o => o.Id == orderId && o.TeacherId == id)
            .ExecuteDeleteAsync(cancellation);
        return gone == 0 ? Problems.NotFound(Thing.RunningOrder) : TypedResults.NoContent();
    }

    private static RunningOrderReply Reply(RunningOrder kept) =>
        new(kept.Id, kept.Name, kept.Items, kept.SavedAt);
}
