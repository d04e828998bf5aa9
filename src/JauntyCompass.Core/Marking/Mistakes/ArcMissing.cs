namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>No arc shows which of the two openings is meant.</summary>
public sealed class ArcMissing : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "arc-missing";

    /// <inheritdoc/>
    public override string Name => "marked no arc";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Make the arc part of the drawing: no angle without the sign that says which one.";

    /// <inheritdoc/>
    public override string? Demonstration => "draw";
}
