using JauntyCompass.Core.Instruments;
using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// On an instrument with one scale, which counts the other way from the lined-up arm, its number was taken as it stood:
/// 180 − A on a half circle, 360 − A on a full one.
/// </summary>
public sealed class OnlyScaleOtherWay : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "only-scale-other-way";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.OnlyScaleOtherWay.Name;

    // Where there is one scale only, it is what reading the other scale is elsewhere.
    /// <inheritdoc/>
    public override double Prior => 0.28;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => false;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.OnlyScaleOtherWay.Remedy;

    /// <inheritdoc/>
    public override Protractor ShownOn => InstrumentCatalogue.OneScaleRight;
}
