using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Graduations were counted instead of the spaces between them, the zero as one: A + 1.</summary>
public sealed class CountedGraduations : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "counted-graduations";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.CountedGraduations.Name;

    /// <inheritdoc/>
    public override double Prior => 0.004;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.CountedGraduations.Remedy;

    /// <inheritdoc/>
    public override bool IsWithinNoise => true;
}
