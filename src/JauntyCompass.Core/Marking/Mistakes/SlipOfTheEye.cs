using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Nothing in particular: the right way, a little beside the right graduation.</summary>
public sealed class SlipOfTheEye : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "slip";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.Slip.Name;

    /// <inheritdoc/>
    public override double Prior => 0.12;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.Slip.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "in-between";

    /// <inheritdoc/>
    public override bool CanBeHabit => false;
}
