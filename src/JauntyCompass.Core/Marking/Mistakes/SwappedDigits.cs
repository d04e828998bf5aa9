namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The last two digits written down the wrong way round: 47 becomes 74, 127 becomes 172. Cannot show where they are alike.
/// </summary>
public sealed class SwappedDigits : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "swapped-digits";

    /// <inheritdoc/>
    public override string Name => "swapped the digits";

    /// <inheritdoc/>
    public override double Prior => 0.036;

    /// <inheritdoc/>
    public override string Remedy =>
        "Say the number aloud before it is written: forty-seven, then 47.";
}
