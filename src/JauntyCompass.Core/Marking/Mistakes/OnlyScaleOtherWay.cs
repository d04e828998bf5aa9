using JauntyCompass.Core.Instruments;

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
    public override string Name => "took the only scale’s number though it counts the other way";

    // Where there is one scale only, it is what reading the other scale is elsewhere.
    /// <inheritdoc/>
    public override double Prior => 0.28;

    /// <inheritdoc/>
    public override bool? NeedsTwoScales => false;

    /// <inheritdoc/>
    public override string Remedy =>
        "Look for the zero first: where it lies on neither arm, line up the other arm, or take the number from the whole.";

    /// <inheritdoc/>
    public override Protractor ShownOn => InstrumentCatalogue.OneScaleRight;
}
