namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray runs on behind the vertex, so that four angles stand there instead of one.</summary>
public sealed class RanOnBehindVertex : InstrumentMistake
{
    /// <inheritdoc/>
    public override string Key => "ran-on-behind-vertex";

    /// <inheritdoc/>
    public override string Name => "drew the ray on behind the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Show a ray as something that starts at a point: set the pencil down on the vertex, then pull.";
}
