using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;
using JauntyCompass.Core.Recognition;
using JauntyCompass.Core.Wording;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The second ray ends before the graduated edge, so the drawing cannot be measured again.</summary>
public sealed class ArmTooShort : InstrumentMistake, IDrawingReplay
{
    private const double Noise = 1;

    // A dot this near the rim stands at it, in mm.
    private const double AtTheRim = 3;

    /// <inheritdoc/>
    public override string Key => "arm-too-short";

    /// <inheritdoc/>
    public override string Name => "drew an arm too short to measure again";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy =>
        "Draw every ray past the rim of the instrument, as a rule of the class.";

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure) =>
        figure.Ray is null
            ? null
            : new Observation(
                Missing(figure),
                HandNoise.Beyond(Missing(figure), 1, Noise),
                Serious: false
            );

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            $"Your ray stops {Numbers.Millimetres(Missing(story.Figure))} before the graduations, too short to measure again.",
            $"Draw on with the {story.Words.Straightedge} until the ray passes the rim. Longer {story.Words.Arm}s do not change the angle."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story)
    {
        if (story.Figure?.Ray is not StrokeLine ray)
        {
            return null;
        }
        Point tip = ray.Far.Towards(ray.Direction, Missing(story.Figure) + 6);
        return new MarkPicture
        {
            Lines = [new PictureLine(ray.Far, tip, Arrow: true)],
            Note = new PictureNote("on to here", tip.Towards(ray.Direction, 8)),
        };
    }

    private static double Missing(DrawnFigure? figure) =>
        figure?.Ray is StrokeLine ray
            ? Math.Max(0, Rim(figure) - figure.Vertex.DistanceTo(ray.Far))
            : 0;

    // Where the instrument lay off the vertex, its rim was nearer: who drew past the dot at the rim did draw far enough.
    private static double Rim(DrawnFigure figure)
    {
        double radius = figure.Context.Instrument.EdgeRadius;
        return
            figure.Context.Laid is LaidAngle laid
            && figure.Dot is Point dot
            && laid.Placement.Centre.DistanceTo(dot) >= radius - AtTheRim
            ? Math.Min(radius, figure.Vertex.DistanceTo(dot))
            : radius;
    }

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        const double Share = 0.55;
        DrawingExample well = DrawingExample.Well(asked, instrument);
        return well with { To = asked.Vertex.Towards(asked.End, instrument.EdgeRadius * Share) };
    }
}
