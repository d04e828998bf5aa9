using JauntyCompass.Core.Instruments;
using Microsoft.AspNetCore.Http.HttpResults;

namespace JauntyCompass.Server.Features.Instruments;

/// <summary>An instrument with what is printed on it.</summary>
/// <param name="Protractor">Its data.</param>
/// <param name="Face">Its graduations and numbers.</param>
public sealed record InstrumentReply(Protractor Protractor, ProtractorFace Face);

public static class InstrumentEndpoints
{
    public static void MapInstruments(this RouteGroupBuilder api) =>
        api.MapGet("/instruments", All)
            .WithName("ListInstruments")
            .WithSummary("All instruments, with what is printed on them.")
            .WithTags("Calculations");

    private static Ok<List<InstrumentReply>> All() =>
        TypedResults.Ok(
            InstrumentCatalogue
                .All.Select(p => new InstrumentReply(p, ProtractorFace.Of(p)))
                .ToList()
        );
}
