using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Validation;
using JauntyCompass.Locales;

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
                Text.Validation.Instrument.OneOf(
                    string.Join(", ", InstrumentCatalogue.All.Select(p => p.Id))
                )
            );
        }
    }

    /// <summary>The instrument itself.</summary>
    internal Protractor Chosen => Instrument ?? InstrumentCatalogue.Find(InstrumentId)!;
}
