using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Rulers;

/// <summary>A ruler beside points of a sheet.</summary>
/// <param name="Ruler">The ruler.</param>
/// <param name="Placement">Where its zero lies, and which way it counts.</param>
/// <param name="Points">The points, at most 150.</param>
public sealed record RulerRequest(
    Ruler Ruler,
    Placement Placement,
    IReadOnlyList<NamedPoint> Points
) : IValidatable
{
    public void Validate(ValidationErrors errors)
    {
        errors.Within("ruler", Ruler);
        errors.Within("placement", Placement);
        errors.Each("points", Points, 0, 150);
    }
}

/// <summary>What stands at the points that lie along the ruler.</summary>
/// <param name="Standing">A sentence for each, in the order of the numbers.</param>
public sealed record RulerReply(IReadOnlyList<Message> Standing);

public static class RulerEndpoints
{
    public static void MapRulers(this RouteGroupBuilder api) =>
        api.MapPost("/rulers/readings", Readings)
            .WithName("ReadRuler")
            .WithSummary(
                "What stands on a ruler beside points of a sheet. Says nothing of whether it is laid on well."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new RulerRequest(
                    Ruler.School,
                    new Placement(default, default),
                    [new NamedPoint("A", default), new NamedPoint("B", new Point(64, 0))]
                )
            );

    private static Ok<RulerReply> Readings(RulerRequest request) =>
        TypedResults.Ok(
            new RulerReply(RulerSentences.At(request.Ruler, request.Placement, request.Points))
        );
}
