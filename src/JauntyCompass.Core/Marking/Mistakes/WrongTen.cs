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
    public override string Name => "took the ones from the wrong ten";

    /// <inheritdoc/>
    public override double Prior => 0.10;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count aloud in tens up to the last label before the arm, and only then the ones.";
}
