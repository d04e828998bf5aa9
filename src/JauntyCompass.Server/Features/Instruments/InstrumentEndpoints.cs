using JauntyCompass.Core.Demonstrations.Measuring;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Instruments.Rules;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Instruments;

/// <summary>How far a house rule can be trusted on an instrument.</summary>
/// <param name="Rule">The rule.</param>
/// <param name="Name">Its name.</param>
/// <param name="Trust">How far.</param>
/// <param name="Why">Why, as a sentence.</param>
/// <param name="Example">A placement at which it misleads, or null.</param>
public sealed record RuleTrustReply(
    ScaleRule Rule,
    Message Name,
    Trust Trust,
    Message Why,
    Misleading? Example
);

/// <summary>An instrument with what is printed on it.</summary>
/// <param name="Protractor">Its data.</param>
/// <param name="Face">Its graduations and numbers.</param>
/// <param name="Rules">Which house rules are safe on it.</param>
/// <param name="ForExercises">Whether exercises can be set for it.</param>
public sealed record InstrumentReply(
    Protractor Protractor,
    ProtractorFace Face,
    IReadOnlyList<RuleTrustReply> Rules,
    bool ForExercises
)
{
    internal static InstrumentReply Of(Protractor protractor) =>
        new(
            protractor,
            ProtractorFace.Of(protractor),
            [
                .. Enum.GetValues<ScaleRule>()
                    .Select(rule => RuleSafety.Of(rule, protractor))
                    .Select(safety => new RuleTrustReply(
                        safety.Rule,
                        RuleSentences.Name(safety.Rule),
                        safety.Trust,
                        RuleSentences.Reason(safety),
                        safety.Example
                    )),
            ],
            protractor.FitsDesk
        );
}

/// <summary>An instrument described in full, to be looked at.</summary>
/// <param name="Instrument">Its data.</param>
public sealed record DescribedInstrument(Protractor Instrument) : IValidatable
{
    public void Validate(ValidationErrors errors) => errors.Within("instrument", Instrument);
}

public static class InstrumentEndpoints
{
    // The catalogue never changes while the program runs.
    private static readonly List<InstrumentReply> Catalogue =
    [
        .. InstrumentCatalogue.All.Select(InstrumentReply.Of),
    ];

    public static void MapInstruments(this RouteGroupBuilder api)
    {
        api.MapGet("/instruments", All)
            .WithName("ListInstruments")
            .WithSummary(
                "All instruments, with what is printed on them and which house rules are safe on them."
            )
            .WithTags("Calculations");
        api.MapPost("/instruments/described", Described)
            .WithName("DescribeInstrument")
            .WithSummary(
                "An instrument described in full: checked, with what is printed on it and which house rules are safe on it. Keeps nothing."
            )
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new DescribedInstrument(
                    InstrumentCatalogue.DeskHalfCircle with
                    {
                        Id = "our-own",
                        Name = "Our own",
                    }
                )
            );
    }

    private static Ok<List<InstrumentReply>> All() => TypedResults.Ok(Catalogue);

    private static Ok<InstrumentReply> Described(DescribedInstrument request) =>
        TypedResults.Ok(InstrumentReply.Of(request.Instrument));
}
