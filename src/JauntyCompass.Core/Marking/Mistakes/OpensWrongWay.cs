namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The angle was drawn on the other side of the base ray than was asked.</summary>
public sealed class OpensWrongWay : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "opens-wrong-way";

    /// <inheritdoc/>
    public override string Name => "drew the angle on the other side of the ray";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Point with the hand where the angle will open before the protractor is laid on.";
}
