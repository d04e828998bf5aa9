using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arm ends before the graduations, and where it would cross them was guessed.</summary>
public sealed class GuessedCrossing : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "guessed-crossing";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.GuessedCrossing.Name;

    /// <inheritdoc/>
    public override double Prior => 0.05;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.GuessedCrossing.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-guessed-crossing";
}
