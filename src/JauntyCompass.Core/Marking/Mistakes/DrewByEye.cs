using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The protractor was never laid on: the angle was drawn as it looked right.</summary>
public sealed class DrewByEye : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "drew-by-eye";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.DrewByEye.Name;

    /// <inheritdoc/>
    public override double Prior => 0.1;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.DrewByEye.Remedy;

    /// <inheritdoc/>
    public override string? Demonstration => "draw";
}
