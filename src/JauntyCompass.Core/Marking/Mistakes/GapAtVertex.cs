using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray does not start at the vertex.</summary>
public sealed class GapAtVertex : InstrumentMistake, IDrawingReplay
{
    // A careful pencil starts within this distance of the vertex, in mm. Common practice, no source.
    private const double Limit = 1.5;
    private const double Noise = 0.4;
    private const double SeriousFrom = 5;

    /// <inheritdoc/>
    public override string Key => "gap-at-vertex";

    /// <inheritdoc/>
    public override string Name => "left a gap at the vertex";

    /// <inheritdoc/>
    public override double Prior => 0.06;

    /// <inheritdoc/>
    public override string Remedy =>
        "Set the pencil on the vertex and push the straightedge up to it.";

    /// <inheritdoc/>
    public override bool IsOfRuling => true;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        // A ray that goes through its dot but not through the vertex is turned by just that.
        if (
            figure?.Gap > Limit
            && figure.DotMiss <= MissedOwnDot.Limit
            && figure.Strayed is double strayed
        )
        {
            outcomes.Add(strayed);
        }
    }

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.Ray is null
            ? null
            : new Observation(
                figure.Gap,
                HandNoise.Beyond(figure.Gap, Limit, Noise),
                figure.Gap >= SeriousFrom
            );

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray starts {Numbers.Millimetres(story.Figure?.Gap ?? 0)} away from the vertex, so the two {story.Words.Arm}s do not meet.",
            $"Put the {story.Words.Straightedge} on the vertex and the dot, then draw from the vertex outward."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Figure?.Ray is not StrokeLine ray)
        {
            return null;
        }
        Point vertex = story.Figure.Vertex;
        return new MarkPicture
        {
            Rings = [new PictureRing(vertex, 4)],
            Lines = [new PictureLine(ray.NearestTo(vertex), vertex, Arrow: true)],
            Note = new PictureNote(
                "start here",
                vertex.Towards(story.Context.Angle.Bisector.Opposite, 14)
            ),
        };
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        DrawingExample well = DrawingExample.Well(asked, instrument);
        return well with { From = asked.Vertex.Towards(asked.End, SeriousFrom + 3) };
    }
}
