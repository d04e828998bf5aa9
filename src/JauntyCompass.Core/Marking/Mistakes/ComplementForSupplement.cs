namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>It was filled up to 90 instead of 180: the supplement, less a right angle.</summary>
public sealed class ComplementForSupplement : InstrumentMistake
{
    internal const double RightAngle = 90;

    /// <inheritdoc/>
    public override string Key => "complement-for-supplement";

    /// <inheritdoc/>
    public override string Name => "filled up to a right angle instead of a straight one";

    /// <inheritdoc/>
    public override double Prior => 0.12;

    /// <inheritdoc/>
    public override string Remedy => "Lay both pairs along a corner and along an edge.";

    /// <inheritdoc/>
    public override string? Demonstration => "draw-supplement";
}
