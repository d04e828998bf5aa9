using JauntyCompass.Core.Exercises;
using JauntyCompass.Core.Marking;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Marks;

/// <summary>An item and a response to it.</summary>
/// <param name="Item">The item as it was generated.</param>
/// <param name="Response">The response, of the same kind.</param>
/// <param name="Tolerance">Tolerance in degrees, 0 to 10.</param>
public sealed record MarkRequest(Item Item, Response Response, double Tolerance = 2) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Within("item", Item);
        errors.Within("response", Response);
        errors.Range("tolerance", Tolerance, 0, 10, Unit.Degrees);
        if (ExerciseKinds.Of(Item) != ExerciseKinds.Of(Response))
        {
            errors.Add("response.kind", Text.Validation.KindOfItem(ExerciseKinds.Of(Item).Key));
        }
    }
}

public static class MarkEndpoints
{
    public static void MapMarks(this RouteGroupBuilder api) =>
        api.MapPost("/marks", Make)
            .WithName("MarkResponse")
            .WithSummary(
                "Marks a response to an item: verdict, causes with likelihoods, feedback and a picture of what happened."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(new MarkRequest(Examples.Item, Examples.Response));

    private static Ok<Mark> Make(MarkRequest request) =>
        TypedResults.Ok(
            ExerciseKinds
                .Of(request.Item)
                .Mark(request.Item, request.Response, new MarkingRules(request.Tolerance))
        );
}
