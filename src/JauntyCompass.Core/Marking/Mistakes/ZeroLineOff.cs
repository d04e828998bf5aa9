namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The zero line was turned off its arm, or the instrument slipped before the reading: off by that many degrees.</summary>
public sealed class ZeroLineOff : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "zero-line-off";

    /// <inheritdoc/>
    public override string Name => "left the zero line off the arm";

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Hold the protractor with two fingers while you read, and look along the zero line last.";
}
