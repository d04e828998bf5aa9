namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The centre mark lay beside the vertex; its cost is computed from the placement. Where that is not known, <see cref="LaidOff"/> is all
/// that can be said.
/// </summary>
public sealed class CentreMarkOff : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "centre-mark-off";

    /// <inheritdoc/>
    public override string Name => "laid the centre mark off the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override bool LeavesCentreOff => true;

    /// <inheritdoc/>
    public override string Remedy =>
        "Look at the centre mark twice: once when it is laid, once more after turning.";
}
