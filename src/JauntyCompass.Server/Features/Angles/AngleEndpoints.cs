using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Angles;

/// <summary>A wish for an angle.</summary>
/// <param name="Kind">Its kind.</param>
/// <param name="Seed">0 to 2147483647; the same seed gives the same angle.</param>
public sealed record GiveAngle(AngleKind Kind, int Seed) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Known("kind", Kind);
        errors.Range("seed", Seed, 0, int.MaxValue);
    }
}

public static class AngleEndpoints
{
    public static void MapAngles(this RouteGroupBuilder api) =>
        api.MapPost("/angles", Give)
            .WithName("GiveAngle")
            .WithSummary(
                "An angle of a kind, from a seed: never so near a boundary that the eye could not say its kind."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(new GiveAngle(AngleKind.Obtuse, 7));

    private static Ok<GivenAngle> Give(GiveAngle request) =>
        TypedResults.Ok(AngleGiver.Give(request.Kind, request.Seed));
}
