using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Demonstrations;
using JauntyCompass.Core.Demonstrations.WentWrong;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Lessons;
using JauntyCompass.Core.Sheet;
using JauntyCompass.Core.Validation;
using JauntyCompass.Core.Wording;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Api.Saying;
using JauntyCompass.Server.Features.Instruments;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Demonstrations;

/// <summary>What is to be demonstrated.</summary>
/// <param name="Angle">The angle: to be measured, or to be drawn on its start arm.</param>
/// <param name="Demonstration">Key of the demonstration; "measure" when left out.</param>
/// <param name="InstrumentId">Name of an instrument in the catalogue.</param>
/// <param name="Instrument">Or an instrument described in full.</param>
/// <param name="Names">Letters at its points; K, L, M when left out.</param>
/// <param name="Rules">How the class does things; the usual way when left out.</param>
/// <param name="BaseRayGiven">For drawings: whether the base ray stands on the sheet already.</param>
/// <param name="Placement">For a replay: how the instrument really lay.</param>
/// <param name="Answer">For a replay: what was really answered, 0 to 360 degrees.</param>
public sealed record DemonstrationRequest(
    Angle Angle,
    string? Demonstration = null,
    string? InstrumentId = null,
    Protractor? Instrument = null,
    AngleNames? Names = null,
    HouseRules? Rules = null,
    bool BaseRayGiven = true,
    Placement? Placement = null,
    double? Answer = null
) : InstrumentChoice(InstrumentId, Instrument)
{
    /// <summary>The demonstration itself.</summary>
    internal Demonstration Asked =>
        DemonstrationCatalogue.Find(Demonstration) ?? DemonstrationCatalogue.Measure;

    /// <summary>What it is played on.</summary>
    internal DemonstrationTask Task =>
        new(
            Angle,
            Chosen,
            Names ?? AngleNames.Usual,
            Rules ?? HouseRules.Usual,
            Placement,
            Answer,
            BaseRayGiven
        );

    public override void Validate(ValidationErrors errors)
    {
        base.Validate(errors);
        if (Demonstration is not null && DemonstrationCatalogue.Find(Demonstration) is null)
        {
            errors.Add(
                "demonstration",
                Text.Validation.OneOf(
                    string.Join(", ", DemonstrationCatalogue.All.Select(d => d.Key))
                )
            );
        }
        errors.Within("angle", Angle);
        errors.Within("names", Names);
        errors.Within("rules", Rules);
        errors.Within("placement", Placement);
        errors.Range("answer", Answer ?? 0, 0, 360, Unit.Degrees);
        if (errors.None)
        {
            Asked.Validate(Task, errors);
        }
    }
}

/// <summary>A demonstration in the Board's list, with what it is opened on by one press.</summary>
/// <param name="Key">Its key.</param>
/// <param name="Group">Its heading.</param>
/// <param name="Title">What a teacher calls it.</param>
/// <param name="Summary">What the class sees.</param>
/// <param name="Measure">The measure it is opened on, in degrees.</param>
/// <param name="EndLength">Length of the end arm it is opened on, in mm.</param>
/// <param name="InstrumentId">The instrument it is opened with.</param>
/// <param name="LeastMeasure">The smallest measure it can show, in degrees.</param>
/// <param name="MostMeasure">The largest measure it can show, in degrees.</param>
/// <param name="Mistake">For a replay: key of the mistake.</param>
/// <param name="Picture">The sheet at the step that tells most of it, without writing.</param>
/// <param name="Window">The part of the sheet that is seen on it.</param>
public sealed record DemonstrationReply(
    string Key,
    DemonstrationGroup Group,
    Message Title,
    Message Summary,
    double Measure,
    double EndLength,
    string InstrumentId,
    double LeastMeasure,
    double MostMeasure,
    string? Mistake,
    SheetState Picture,
    SheetWindow Window
);

public static class DemonstrationEndpoints
{
    public static void MapDemonstrations(this RouteGroupBuilder api)
    {
        api.MapGet("/demonstrations", All)
            .WithName("ListDemonstrations")
            .WithSummary("All demonstrations, with what each is opened on by one press.")
            .WithTags("Calculations");
        api.MapPost("/demonstrations", Build)
            .WithName("BuildDemonstration")
            .WithSummary(
                "The script of a demonstration: steps with captions, questions and the whole state of the sheet."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new DemonstrationRequest(
                    Examples.Angle,
                    "measure",
                    Examples.Instrument,
                    Names: new AngleNames("K", "L", "M"),
                    Rules: HouseRules.Usual
                )
            );
    }

    // The same for everybody: what it says becomes text when it is sent.
    private static readonly Lazy<List<DemonstrationReply>> Listed = new(() =>
        [
            .. DemonstrationCatalogue.All.Select(d =>
            {
                Script script = d.Build(d.UsualTask);
                return new DemonstrationReply(
                    d.Key,
                    d.Facts.Group,
                    d.Title,
                    d.Facts.Summary,
                    d.Facts.UsualMeasure,
                    d.Facts.UsualEndLength,
                    d.Facts.UsualInstrument.Id,
                    d.Facts.LeastMeasure,
                    d.Facts.MostMeasure,
                    (d as Replay)?.Mistake,
                    script.Telling(),
                    script.Window
                );
            }),
        ]
    );

    private static Ok<List<DemonstrationReply>> All() => TypedResults.Ok(Listed.Value);

    private static Ok<Script> Build(DemonstrationRequest request, Speaker speaker)
    {
        speaker.ToClass(request.Task.Rules);
        return TypedResults.Ok(request.Asked.Build(request.Task));
    }
}
