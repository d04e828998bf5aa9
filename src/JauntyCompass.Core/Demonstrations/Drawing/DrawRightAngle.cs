namespace JauntyCompass.Core.Demonstrations.Drawing;

/// <summary>Draw a right angle; it gets a box instead of an arc.</summary>
public sealed class DrawRightAngle : DrawAngle
{
    /// <inheritdoc/>
    public override string Key => "draw-right";

    /// <inheritdoc/>
    public override string Title => "Draw a right angle";

    /// <inheritdoc/>
    public override string Summary => "Exactly 90°, and a box instead of an arc.";

    /// <inheritdoc/>
    public override double UsualMeasure => 90;

    /// <inheritdoc/>
    public override double LeastMeasure => 90;

    /// <inheritdoc/>
    public override double MostMeasure => 90;

    /// <inheritdoc/>
    protected override string WhyMeasure => "A right angle has exactly 90°.";
}
