using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Exercises.Generation;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
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

/// <summary>A wish for labels at an angle.</summary>
/// <param name="Angle">The angle.</param>
/// <param name="Labels">What is to be written; at least one.</param>
/// <param name="Names">Letters at its points; K, L, M when left out.</param>
/// <param name="Rules">The class's words; the usual ones when left out.</param>
public sealed record LabelAngle(
    Angle Angle,
    IReadOnlyList<AngleLabel> Labels,
    AngleNames? Names = null,
    HouseRules? Rules = null
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Within("angle", Angle);
        errors.Range("labels.length", Labels?.Count ?? 0, 1, Enum.GetValues<AngleLabel>().Length);
        foreach (AngleLabel label in Labels ?? [])
        {
            errors.Known("labels", label);
        }
        errors.Within("names", Names);
        errors.Within("rules", Rules);
    }
}

public static class AngleEndpoints
{
    public static void MapAngles(this RouteGroupBuilder api)
    {
        api.MapPost("/angles", Give)
            .WithName("GiveAngle")
            .WithSummary(
                "An angle of a kind, from a seed: never so near a boundary that the eye could not say its kind."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(new GiveAngle(AngleKind.Obtuse, 7));
        api.MapPost("/angles/labels", Label)
            .WithName("LabelAngle")
            .WithSummary(
                "What is written at an angle: its name, kind and measure, its vertex and arms in words, and where each stands."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new LabelAngle(Examples.Angle, [AngleLabel.Name, AngleLabel.Kind, AngleLabel.Arms])
            );
    }

    private static Ok<GivenAngle> Give(GiveAngle request) =>
        TypedResults.Ok(AngleGiver.Give(request.Kind, request.Seed));

    private static Ok<IReadOnlyList<PlacedLabel>> Label(LabelAngle request, Speaker speaker)
    {
        speaker.ToClass(request.Rules ?? HouseRules.Usual);
        return TypedResults.Ok(
            AngleLabels.Of(request.Angle, request.Names ?? AngleNames.Usual, request.Labels)
        );
    }
}
