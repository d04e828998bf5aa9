using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The dot was dragged or made with a blunt point: at the rim a degree is hardly more than a millimetre.</summary>
public sealed class ThickDot : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "thick-dot";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.ThickDot.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-blunt-point";

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ThickDot.Remedy;
}
