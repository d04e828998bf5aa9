namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>Graduations were counted instead of the spaces between them, the zero as one: A + 1.</summary>
public sealed class CountedGraduations : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "counted-graduations";

    /// <inheritdoc/>
    public override string Name => "counted graduations instead of spaces";

    /// <inheritdoc/>
    public override double Prior => 0.004;

    /// <inheritdoc/>
    public override string Remedy =>
        "Count spaces, not lines: the first space ends at the first graduation after zero.";

    /// <inheritdoc/>
    public override bool IsWithinNoise => true;
}
