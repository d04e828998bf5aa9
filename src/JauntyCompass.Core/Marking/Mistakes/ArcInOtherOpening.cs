using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arc stands in the other of the two openings, so the drawing shows 360 − A.</summary>
public sealed class ArcInOtherOpening : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "arc-in-other-opening";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.ArcInOtherOpening.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ArcInOtherOpening.Remedy;

    /// <summary>
    /// A narrow opening is narrower than a fingertip: an arc that stands no farther beside a ray, in mm, was meant to stand within. Common
    /// practice, no source.
    /// </summary>
    internal const double Beside = 2.5;
}
