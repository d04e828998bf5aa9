namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The protractor was never laid on: the angle was drawn as it looked right.</summary>
public sealed class DrewByEye : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "drew-by-eye";

    /// <inheritdoc/>
    public override string Name => "drew by eye, without laying the protractor on";

    /// <inheritdoc/>
    public override double Prior => 0.1;

    /// <inheritdoc/>
    public override string Remedy =>
        "Ask for the dot first: no second ray before there is a dot at the rim.";

    /// <inheritdoc/>
    public override string? Demonstration => "draw";
}
