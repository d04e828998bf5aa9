using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;

namespace JauntyCompass.Server.Features.Instruments;

/// <summary>The instrument of a request: one of the catalogue by name, or described in full.</summary>
/// <param name="InstrumentId">Name in the catalogue.</param>
/// <param name="Instrument">A description, for instruments that are not in the catalogue.</param>
public abstract record InstrumentChoice(string? InstrumentId, Protractor? Instrument) : IValidatable
{
    public virtual void Validate(ValidationErrors errors)
    {
        if (Instrument is not null)
        {
            errors.Within("instrument", Instrument);
        }
        else if (InstrumentCatalogue.Find(InstrumentId) is null)
        {
            errors.Add(
                "instrumentId",
                $"must be one of: {string.Join(", ", InstrumentCatalogue.All.Select(p => p.Id))}; or describe one in instrument."
            );
        }
    }

    /// <summary>The instrument itself.</summary>
    internal Protractor Chosen => Instrument ?? InstrumentCatalogue.Find(InstrumentId)!;
}
