using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// Counted the ones from the right label but the wrong way within the ten: 10t + u becomes 10t + (10 − u), so 37 becomes 33.
/// Cannot show where u is 0 or 5. Where labels stand farther apart, the same within two labels.
/// </summary>
public sealed class TicksBackwards : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "ticks-backwards";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.TicksBackwards.Name;

    /// <inheritdoc/>
    public override double Prior => 0.08;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.TicksBackwards.Remedy;
}
