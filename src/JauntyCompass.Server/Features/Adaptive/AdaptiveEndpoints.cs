using System.Security.Claims;
using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Exercises.Adaptive;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Adaptive;

/// <summary>A first answer to an item of a pool.</summary>
/// <param name="ItemIndex">Place of the item, from 0.</param>
/// <param name="Response">The response.</param>
public sealed record PoolAnswer(int ItemIndex, Response Response) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Range("itemIndex", ItemIndex, 0, SetSpecification.MostItems - 1);
        errors.Within("response", Response);
    }
}

/// <summary>Items to choose from, and what was answered so far.</summary>
/// <param name="Items">The items, 1 to 60.</param>
/// <param name="Answers">First answers so far; none twice.</param>
/// <param name="Limit">The most items to be asked, 1 to 60.</param>
/// <param name="Mistakes">Keys of the mistakes to tell apart; left out: all that the items can show.</param>
/// <param name="Tolerance">Tolerance in degrees, 0 to 10.</param>
public sealed record NextItemRequest(
    IReadOnlyList<Item> Items,
    IReadOnlyList<PoolAnswer> Answers,
    int Limit = SetSpecification.MostItems,
    IReadOnlyList<string>? Mistakes = null,
    double Tolerance = 2
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Each("items", Items, 1, SetSpecification.MostItems);
        errors.Each("answers", Answers, 0, SetSpecification.MostItems);
        errors.Range("limit", Limit, 1, SetSpecification.MostItems);
        errors.Range("tolerance", Tolerance, 0, 10, Unit.Degrees);
        for (int i = 0; errors.None && i < Answers.Count; i++)
        {
            int index = Answers[i].ItemIndex;
            if (index >= Items.Count)
            {
                errors.Add($"answers[{i}].itemIndex", Text.Validation.Place(Items.Count - 1));
            }
            else if (Answers.Take(i).Any(a => a.ItemIndex == index))
            {
                errors.Add($"answers[{i}].itemIndex", Text.Validation.Answers.OnlyFirst);
            }
            else if (ExerciseKinds.Of(Items[index]) != ExerciseKinds.Of(Answers[i].Response))
            {
                errors.Add(
                    $"answers[{i}].response.kind",
                    Text.Validation.KindOfItem(ExerciseKinds.Of(Items[index]).Key)
                );
            }
        }
        if (
            Mistakes is not null
            && !errors.Count("mistakes", Mistakes, 0, MistakeCatalogue.All.Count)
        )
        {
            return;
        }
        for (int i = 0; i < Mistakes?.Count; i++)
        {
            if (MistakeCatalogue.Find(Mistakes[i]) is null)
            {
                errors.Add(
                    $"mistakes[{i}]",
                    Text.Validation.OneOf(
                        string.Join(", ", MistakeCatalogue.All.Select(m => m.Key))
                    )
                );
            }
        }
    }
}

/// <summary>What a student is asked next.</summary>
/// <param name="ItemIndex">Place of the item, from 0; null when nothing more is asked.</param>
public sealed record BenchNextReply(int? ItemIndex);

public static class AdaptiveEndpoints
{
    public static void MapNextItem(this RouteGroupBuilder api) =>
        api.MapPost("/next-item", Choose)
            .WithName("ChooseNextItem")
            .WithSummary(
                "Of some items, the one whose answer is expected to tell most about what a student does, until that is known."
            )
            .WithTags("Calculations")
            .RequireRateLimiting(RateLimits.Heavy)
            .ProducesValidationProblem()
            .WithExample(new NextItemRequest([Examples.Item], []));

    public static void MapBenchNext(this RouteGroupBuilder assignments) =>
        assignments
            .MapGet("/{assignmentId:guid}/next", Next)
            .WithName("NextOnBench")
            .WithSummary(
                "The item that is chosen for the student next, in a set that is given adaptively."
            )
            .Produces<BenchNextReply>()
            .ProducesProblem(404);

    private static Ok<NextChoice> Choose(NextItemRequest request, CancellationToken cancellation) =>
        TypedResults.Ok(
            AdaptivePool
                .Of(
                    request.Items,
                    request.Mistakes?.Distinct().Select(m => MistakeCatalogue.Find(m)!).ToArray(),
                    request.Tolerance,
                    cancellation
                )
                .Next(
                    request.Answers.ToDictionary(a => a.ItemIndex, a => a.Response),
                    request.Limit
                )
        );

    private static async Task<IResult> Next(
        Guid assignmentId,
        ClaimsPrincipal student,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        (Guid id, Guid classId) = (student.Id(), student.ClassId());
        Assignment? assignment = await database
            .Assignments.AsNoTracking()
            .Include(a => a.Set)
            .FirstOrDefaultAsync(
                a => a.Id == assignmentId && a.ClassId == classId && a.ArchivedAt == null,
                cancellation
            );
        if (assignment?.AdaptiveLimit is not int limit)
        {
            return Problems.NotFound(Thing.AdaptiveSet);
        }
        Dictionary<int, Response> answered = await database
            .Answers.Where(a => a.AssignmentId == assignmentId && a.StudentId == id && a.Try == 1)
            .ToDictionaryAsync(a => a.ItemIndex, a => a.Response, cancellation);
        SetSpecification specification = assignment.Set!.Specification;
        return TypedResults.Ok(
            new BenchNextReply(
                AdaptivePool
                    .Of(
                        assignment.Set.ItemsOf(id),
                        specification.Mistakes is { Count: > 0 } keys
                            ? [.. keys.Select(k => MistakeCatalogue.Find(k)!)]
                            : null,
                        specification.Tolerance,
                        cancellation
                    )
                    .Next(answered, limit)
                    .Item
            )
        );
    }
}
