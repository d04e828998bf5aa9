using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray runs on behind the vertex, so that four angles stand there instead of one.</summary>
public sealed class RanOnBehindVertex : InstrumentMistake, IDrawingReplay
{
    // A pencil set down in a hurry starts no farther behind the vertex, in mm. Common practice, no source.
    private const double Limit = 3;
    private const double Noise = 0.6;

    /// <inheritdoc/>
    public override string Key => "ran-on-behind-vertex";

    /// <inheritdoc/>
    public override string Name => "drew the ray on behind the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Show a ray as something that starts at a point: set the pencil down on the vertex, then pull.";

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.Ray is null
            ? null
            : new Observation(
                figure.RunsOn,
                HandNoise.Beyond(figure.RunsOn, Limit, Noise),
                Serious: false
            );

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray starts {Numbers.Millimetres(story.Figure?.RunsOn ?? 0)} behind the vertex and runs through it.",
            $"Set the pencil down on the vertex itself, then draw along the {story.Words.Straightedge}."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Ray is StrokeLine ray
            ? new MarkPicture
            {
                Rings = [new PictureRing(ray.Near, 3)],
                Lines = [new PictureLine(ray.Near, story.Figure.Vertex, Arrow: true)],
            }
            : null;

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        const double Behind = 16;
        return DrawingExample.Well(asked, instrument) with
        {
            From = asked.Vertex.Towards(asked.End.Opposite, Behind),
        };
    }
}
