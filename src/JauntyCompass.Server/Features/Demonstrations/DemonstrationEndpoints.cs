using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Checking;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Wording;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Instruments;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Demonstrations;

/// <summary>What is to be demonstrated.</summary>
/// <param name="Angle">The angle; more than 0° and less than 360°.</param>
/// <param name="InstrumentId">Name of an instrument in the catalogue.</param>
/// <param name="Instrument">Or an instrument described in full.</param>
/// <param name="Names">Letters at its points; K, L, M when left out.</param>
/// <param name="Rules">How the class does things; the usual way when left out.</param>
public sealed record DemonstrationRequest(
    Angle Angle,
    string? InstrumentId = null,
    Protractor? Instrument = null,
    AngleNames? Names = null,
    HouseRules? Rules = null
) : InstrumentChoice(InstrumentId, Instrument)
{
    public override void Check(Faults faults)
    {
        base.Check(faults);
        faults.Within("angle", Angle);
        if (Angle.Measure.Kind is AngleKind.Zero or AngleKind.FullTurn)
        {
            faults.Add(
                "angle.measure",
                "must be more than 0 and less than 360 degrees: otherwise the arms lie on each other and there is nothing to lay on."
            );
        }
        faults.Within("names", Names);
        faults.Within("rules", Rules);
    }
}

public static class DemonstrationEndpoints
{
    private static readonly AngleNames UsualNames = new("K", "L", "M");

    public static void MapDemonstrations(this RouteGroupBuilder api) =>
        api.MapPost("/demonstrations", Build)
            .WithName("BuildDemonstration")
            .WithSummary(
                "The script of measuring an angle: steps with captions, questions and the whole state of the sheet."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new DemonstrationRequest(
                    Examples.Angle,
                    Examples.Instrument,
                    Names: UsualNames,
                    Rules: new HouseRules()
                )
            );

    private static Results<Ok<Script>, ValidationProblem> Build(DemonstrationRequest request)
    {
        try
        {
            return TypedResults.Ok(
                MeasureAngle.Build(
                    request.Angle,
                    request.Chosen,
                    request.Names ?? UsualNames,
                    request.Rules ?? new HouseRules()
                )
            );
        }
        catch (ArgumentException unusable)
        {
            return TypedResults.ValidationProblem(
                new Dictionary<string, string[]> { ["instrument"] = [unusable.Message] }
            );
        }
    }
}
