using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>It was filled up to 90 instead of 180: the supplement, less a right angle.</summary>
public sealed class ComplementForSupplement : InstrumentMistake
{
    internal const double RightAngle = 90;

    /// <inheritdoc/>
    public override string Key => "complement-for-supplement";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.ComplementForSupplement.Name;

    /// <inheritdoc/>
    public override double Prior => 0.12;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.ComplementForSupplement.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "draw-supplement";
}
