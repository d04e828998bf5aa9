using System.Security.Claims;
using JauntyCompass.Core.Files;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;
using JauntyCompass.Server.Api;
using JauntyCompass.Server.Features.Accounts;
using JauntyCompass.Server.Features.Instruments;
using JauntyCompass.Server.Storage;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace JauntyCompass.Server.Features.Cabinet;

/// <summary>A file to be read.</summary>
/// <param name="Text">Its text, at most 100,000 characters.</param>
public sealed record InstrumentText(string Text) : IValidatable
{
    public void Validate(ValidationErrors errors) => InstrumentFile.Read(Text, errors);
}

/// <summary>An instrument in the teacher's cabinet.</summary>
public sealed record CabinetReply(Guid Id, InstrumentReply Instrument);

/// <summary>The instruments that a teacher has described: the class's own.</summary>
public static class CabinetEndpoints
{
    private const int MostInstruments = 50;

    public static void MapInstrumentFiles(this RouteGroupBuilder api)
    {
        api.MapPost("/instruments/read", Read)
            .WithName("ReadInstrumentFile")
            .WithSummary("Reads an instrument file; a fault names its line. Keeps nothing.")
            .WithTags("Calculations")
            .ProducesValidationProblem()
            .WithExample(
                new InstrumentText(InstrumentFile.Write(InstrumentCatalogue.DeskHalfCircle))
            );
    }

    public static void MapCabinet(this RouteGroupBuilder teacher)
    {
        RouteGroupBuilder group = teacher.MapGroup("/cabinet").WithTags("Cabinet");
        group
            .MapGet("", All)
            .WithName("ListCabinet")
            .WithSummary("The instruments the teacher has described.");
        group
            .MapPost("", Add)
            .WithName("AddToCabinet")
            .WithSummary("Keeps an instrument; one with the same name is replaced.")
            .Produces<CabinetReply>(201)
            .ProducesValidationProblem()
            .ProducesProblem(409)
            .WithExample(
                new DescribedInstrument(
                    InstrumentCatalogue.DeskHalfCircle with
                    {
                        Id = "own-desk",
                        Name = "The class's own",
                    }
                )
            );
        group
            .MapDelete("/{instrumentId:guid}", Remove)
            .WithName("RemoveFromCabinet")
            .WithSummary("Takes an instrument out of the cabinet. Sets that use it keep it.")
            .Produces(204)
            .ProducesProblem(404);
    }

    private static Ok<InstrumentReply> Read(InstrumentText file) =>
        TypedResults.Ok(
            InstrumentReply.Of(InstrumentFile.Read(file.Text, new ValidationErrors())!)
        );

    private static async Task<Ok<List<CabinetReply>>> All(
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        List<CabinetInstrument> kept = await database
            .Cabinet.AsNoTracking()
            .Where(c => c.TeacherId == id)
            .OrderBy(c => c.Name)
            .ToListAsync(cancellation);
        return TypedResults.Ok(
            kept.ConvertAll(c => new CabinetReply(c.Id, InstrumentReply.Of(c.Protractor)))
        );
    }

    private static async Task<IResult> Add(
        DescribedInstrument request,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        Protractor protractor = request.Instrument;
        if (InstrumentCatalogue.Find(protractor.Id) is not null)
        {
            return Problems.Invalid("instrument.id", Text.Validation.Instrument.NotShipped);
        }
        await using var transaction = await database.TurnOf(id, cancellation);
        CabinetInstrument? kept = await database.Cabinet.FirstOrDefaultAsync(
            c => c.TeacherId == id && c.Key == protractor.Id,
            cancellation
        );
        if (kept is null)
        {
            if (
                await database.Cabinet.CountAsync(c => c.TeacherId == id, cancellation)
                >= MostInstruments
            )
            {
                return Problems.Full(Text.Problems.FullInstruments(MostInstruments));
            }
            kept = new CabinetInstrument
            {
                Id = Guid.CreateVersion7(),
                TeacherId = id,
                Key = protractor.Id,
                Name = protractor.Name.Trim(),
                Protractor = protractor,
            };
            database.Add(kept);
        }
        (kept.Name, kept.Protractor) = (protractor.Name.Trim(), protractor);
        await database.SaveChangesAsync(cancellation);
        await transaction.CommitAsync(cancellation);
        return TypedResults.Created(
            $"/api/v1/cabinet/{kept.Id}",
            new CabinetReply(kept.Id, InstrumentReply.Of(protractor))
        );
    }

    private static async Task<IResult> Remove(
        Guid instrumentId,
        ClaimsPrincipal teacher,
        JauntyDbContext database,
        CancellationToken cancellation
    )
    {
        Guid id = teacher.Id();
        int gone = await database
            .Cabinet.Where(c => c.Id == instrumentId && c.TeacherId == id)
            .ExecuteDeleteAsync(cancellation);
        return gone == 0 ? Problems.NotFound(Thing.Instrument) : TypedResults.NoContent();
    }
}
