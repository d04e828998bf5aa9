using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The right graduation, counted on from the wrong label: A ± 10, or by as much as the labels are apart; where there are none, one
/// graduation too many or too few.
/// </summary>
public sealed class WrongTen : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "wrong-ten";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.WrongTen.Name;

    /// <inheritdoc/>
    public override double Prior => 0.10;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.WrongTen.Remedy;
}
