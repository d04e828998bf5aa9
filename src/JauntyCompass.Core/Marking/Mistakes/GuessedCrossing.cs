namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arm ends before the graduations, and where it would cross them was guessed.</summary>
public sealed class GuessedCrossing : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "guessed-crossing";

    /// <inheritdoc/>
    public override string Name => "guessed where a short arm would cross";

    /// <inheritdoc/>
    public override double Prior => 0.05;

    /// <inheritdoc/>
    public override string Remedy =>
        "Draw every short arm on with the straightedge before the protractor is laid on; rub it out afterwards.";

    /// <inheritdoc/>
    public override string? Demonstration => "explained-guessed-crossing";
}
