using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The zero line was turned off its arm, or the instrument slipped before the reading: off by that many degrees.</summary>
public sealed class ZeroLineOff : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "zero-line-off";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.ZeroLineOff.Name;

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ZeroLineOff.Remedy;
}
