using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The last two digits written down the wrong way round: 47 becomes 74, 127 becomes 172. Cannot show where they are alike.
/// </summary>
public sealed class SwappedDigits : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "swapped-digits";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.SwappedDigits.Name;

    /// <inheritdoc/>
    public override double Prior => 0.036;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.SwappedDigits.Remedy;
}
