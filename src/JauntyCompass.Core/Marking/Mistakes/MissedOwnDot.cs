using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray runs beside the dot it was to go through.</summary>
public sealed class MissedOwnDot : InstrumentMistake, IDrawingReplay
{
    /// <summary>A careful line runs within this distance of its dot, in mm. Common practice, no source.</summary>
    public const double Limit = 1;

    private const double Noise = 0.3;
    private const double SeriousFrom = 6;

    // A line that wavers passes beside its dot by so many times its wavering, wherever it was aimed. Common practice, no source.
    private const double OfWaves = 3;

    /// <inheritdoc/>
    public override string Key => "missed-own-dot";

    /// <inheritdoc/>
    public override string Name => "drew the ray beside its dot";

    /// <inheritdoc/>
    public override double Prior => 0.08;

    /// <inheritdoc/>
    public override string Remedy =>
        "Lay the straightedge a hair beside the dot: the line needs the room of the pencil point.";

    /// <inheritdoc/>
    public override bool IsOfRuling => true;

    /// <inheritdoc/>
    public override void Predict(MarkingContext context, DrawnFigure? figure, ref Outcomes outcomes)
    {
        if (figure?.DotMiss > Limit + OfWaves * figure?.Shake && figure!.Strayed is double strayed)
        {
            outcomes.Add(strayed);
        }
    }

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.DotMiss is double miss
            ? new Observation(
                miss,
                HandNoise.Beyond(miss, Limit + OfWaves * figure.Shake, Noise),
                miss >= SeriousFrom
            )
            : null;

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray passes {Numbers.Millimetres(story.Figure?.DotMiss ?? 0)} beside your own dot.",
            $"Lay the {story.Words.Straightedge} a hair beside the dot, so that the line itself runs through it."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Figure is not { Dot: Point dot, Ray: StrokeLine ray })
        {
            return null;
        }
        Direction outward = Direction.Between(story.Figure.Vertex, dot);
        return new MarkPicture
        {
            Rings = [new PictureRing(dot, 3)],
            Lines = [new PictureLine(ray.NearestTo(dot), dot, Arrow: true)],
            Note = new PictureNote("through the dot", dot.Towards(outward, 12)),
        };
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        // As far beside the dot as is seen from the back of the room.
        const double Beside = 7;
        DrawingExample well = DrawingExample.Well(asked, instrument);
        Direction across = asked.End.Turned(90 * asked.Opening.Sign());
        return well with { To = well.To.Towards(across, Beside) };
    }
}
