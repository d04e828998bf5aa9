using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Read, or dotted at, the other scale: 180 − A on a half circle, 360 − A on a full one. The commonest of all.</summary>
public sealed class OtherScale : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "other-scale";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.OtherScale.Name;

    /// <inheritdoc/>
    public override double Prior => 0.28;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OtherScale.Remedy;
}
