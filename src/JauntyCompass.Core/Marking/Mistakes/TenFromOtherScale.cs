using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The ten taken from the other scale, the ones counted on from it: 180 − 10t + u, or from the neighbouring ten 170 − 10t + u,
/// so 38 becomes 158 or 148. Needs a two-scale instrument.
/// </summary>
public sealed class TenFromOtherScale : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "ten-from-other-scale";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.TenFromOtherScale.Name;

    /// <inheritdoc/>
    public override double Prior => 0.05;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.TenFromOtherScale.Remedy;
}
