using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Constructions;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Constructions;

/// <summary>A ray that is given.</summary>
/// <param name="Name">What it is called; at most 40 characters.</param>
/// <param name="Ray">The ray.</param>
public sealed record GivenRay(string Name, BaseRay Ray) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Text("name", Name, 1, 40);
        errors.Within("ray", Ray);
    }
}

/// <summary>What stands on a sheet on which somebody constructs.</summary>
/// <param name="Rays">The rays that are given, at most 8.</param>
/// <param name="Strokes">Pencil strokes, at most 50.</param>
/// <param name="Arcs">Arcs of the compass, at most 30.</param>
public sealed record DrawnConstruction(
    IReadOnlyList<GivenRay> Rays,
    IReadOnlyList<Stroke> Strokes,
    IReadOnlyList<CompassStroke> Arcs
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Each("rays", Rays, 0, 8);
        errors.Each("strokes", Strokes, 0, 50);
        errors.Each("arcs", Arcs, 0, 30);
    }
}

/// <summary>Where things cross on it.</summary>
/// <param name="Points">The crossings, those of the last arc first; at most 120.</param>
public sealed record CrossingsReply(IReadOnlyList<ConstructionPoint> Points);

public static class ConstructionEndpoints
{
    public static void MapConstructions(this RouteGroupBuilder api) =>
        api.MapPost("/constructions/crossings", Crossings)
            .WithName("FindCrossings")
            .WithSummary(
                "Where rays, lines and arcs of a construction cross, each with what it is. Says nothing of which are needed."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new DrawnConstruction(
                    [new GivenRay("KL", new BaseRay(default, default, 60))],
                    [],
                    [new CompassStroke([new Point(40, -4), new Point(40, 4)], default)]
                )
            );

    private static Ok<CrossingsReply> Crossings(DrawnConstruction request) =>
        TypedResults.Ok(
            new CrossingsReply(
                ConstructionPoints.Of(
                    [.. request.Rays.Select(r => new RayOnSheet(r.Name, r.Ray))],
                    [.. request.Strokes.Select(s => s.Points)],
                    [.. request.Arcs.Select(SeenArc.Of).OfType<SeenArc>()]
                )
            )
        );
}
