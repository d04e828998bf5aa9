namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arc stands in the other of the two openings, so the drawing shows 360 − A.</summary>
public sealed class ArcInOtherOpening : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "arc-in-other-opening";

    /// <inheritdoc/>
    public override string Name => "marked the other opening with the arc";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy => "Shade the opening that is meant before the arc is drawn.";

    /// <summary>
    /// A narrow opening is narrower than a fingertip: an arc that stands no farther beside a ray, in mm, was meant to stand within. Common
    /// practice, no source.
    /// </summary>
    internal const double Beside = 2.5;
}
