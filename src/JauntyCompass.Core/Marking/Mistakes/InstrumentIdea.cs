using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The instrument is thought to do something else.</summary>
public sealed class InstrumentIdea()
    : ChoiceMistake("instrument-idea", Text.Mistakes.InstrumentIdea.Name, 0.02)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.InstrumentIdea.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "measure";
}
