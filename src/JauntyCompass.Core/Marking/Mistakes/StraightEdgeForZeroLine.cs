using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>
/// The straight edge lay on the arm instead of the zero line. With an inset h and an edge radius R a measured A comes out as
/// A − asin(h·cos A / R): nothing is lost at 90° (by plane trigonometry; checked against the crossing itself in the tests).
/// </summary>
public sealed class StraightEdgeForZeroLine : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "straight-edge-for-zero-line";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.StraightEdgeForZeroLine.Name;

    /// <inheritdoc/>
    public override double Prior => 0.09;

    /// <inheritdoc/>
    public override bool IsOfPlacing => true;

    /// <inheritdoc/>
    public override bool LeavesCentreOff => true;

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.StraightEdgeForZeroLine.Remedy;
}
