namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The protractor was never laid on: the angle was drawn as it looked right.</summary>
public sealed class DrewByEye : InstrumentMistake
{
    // How far an eye strays, as a standard deviation in degrees. Common practice, no source.
    private const double Eye = 8;

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

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (figure is { Dot: null } && context.NeverLaid)
        {
            outcomes.Add(context.Measure, Eye);
        }
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            null,
            "The protractor was not laid on, so the angle came out as it looked.",
            $"Lay it on the ray: {story.Words.CentreMark} on the vertex, {story.Words.ZeroLine} on the ray. Then make your dot at the measure."
        );
}
