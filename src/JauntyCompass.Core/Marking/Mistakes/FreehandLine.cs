namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>A line drawn without the straightedge: it wavers, so the angle differs from place to place.</summary>
public sealed class FreehandLine : InstrumentMistake
{
    // A hand that trembles along a straightedge strays no farther, as a root mean square in mm. Common practice, no source.
    private const double Limit = 0.7;
    private const double Noise = 0.12;

    /// <inheritdoc/>
    public override string Key => "freehand-line";

    /// <inheritdoc/>
    public override string Name => "drew a line freehand";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string? Demonstration => "told-freehand-base-ray";

    /// <inheritdoc/>
    public override string Remedy =>
        "Have everyone lay the straightedge first and show it before a pencil is touched.";

    /// <inheritdoc/>
    public override bool IsOfRuling => true;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (figure?.Shake > Limit && figure.Strayed is double strayed)
        {
            outcomes.Add(strayed);
        }
    }

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.Ray is null
            ? null
            : new Observation(
                figure.Shake,
                HandNoise.Beyond(figure.Shake, Limit, Noise),
                Serious: false
            );

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your line wavers, so the angle is a little different at every place.",
            $"Lay the {story.Words.Straightedge} on and draw along it."
        );
}
