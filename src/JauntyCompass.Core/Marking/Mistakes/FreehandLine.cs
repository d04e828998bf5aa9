namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A line drawn without the straightedge: it wavers, so the angle differs from place to place.</summary>
public sealed class FreehandLine : InstrumentMistake
{
    // A hand that trembles along a straightedge strays no farther, as a root mean square in mm. Common practice, no source.
    internal const double Limit = 0.7;

    /// <inheritdoc/>
    public override string Key => "freehand-line";

    /// <inheritdoc/>
    public override string Name => "drew a line freehand";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string? Demonstration => "explained-freehand-base-ray";

    /// <inheritdoc/>
    public override string Remedy =>
        "Have everyone lay the straightedge first and show it before a pencil is touched.";

    /// <inheritdoc/>
    public override bool IsOfRuling => true;
}
