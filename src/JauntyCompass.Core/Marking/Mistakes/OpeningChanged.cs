using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The opening of the compass changed between two arcs that must be alike.</summary>
public sealed class OpeningChanged()
    : ConstructionMistake("opening-changed", Text.Mistakes.OpeningChanged.Name, 0.3)
{
    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OpeningChanged.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-opening-changed";
}
