using JauntyCompass.Locales;

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
    public override Message Name => Text.Mistakes.CentreMarkOff.Name;

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override bool LeavesCentreOff => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.CentreMarkOff.Remedy;
}
