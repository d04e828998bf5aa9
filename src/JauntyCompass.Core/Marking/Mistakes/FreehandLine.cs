using JauntyCompass.Locales;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A line drawn without the straightedge: it wavers, so the angle differs from place to place.</summary>
public sealed class FreehandLine : InstrumentMistake
{
    // A hand that trembles along a straightedge strays no farther, as a root mean square in mm. Common practice, no source.
    internal const double Limit = 0.7;

    /// <inheritdoc/>
    public override string Key => "freehand-line";

    /// <inheritdoc/>
    public override Message Name => Text.Mistakes.FreehandLine.Name;

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-freehand-base-ray";

    /// <inheritdoc/>
    public override Message Remedy => Text.Mistakes.FreehandLine.Remedy;

    /// <inheritdoc/>
    public override bool IsOfRuling => true;
}
