using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>No arc shows which of the two openings is meant.</summary>
public sealed class ArcMissing : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "arc-missing";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.ArcMissing.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ArcMissing.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "draw";
}
