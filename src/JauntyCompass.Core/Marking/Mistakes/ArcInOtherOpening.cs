using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arc stands in the other of the two openings, so the drawing shows 360 − A.</summary>
public sealed class ArcInOtherOpening : InstrumentMistake, IDrawingReplay
{
    /// <inheritdoc/>
    public override string Key => "arc-in-other-opening";

    /// <inheritdoc/>
    public override string Name => "marked the other opening with the arc";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy => "Shade the opening that is meant before the arc is drawn.";

    /// <summary>
    /// A narrow opening is narrower than a fingertip: an arc that stands no farther beside a ray, in mm, was meant to stand within. Common
    /// practice, no source.
    /// </summary>
    internal const double Beside = 2.5;
    private const double Noise = 0.6;
    private const double Seen = 0.5;

    // The two openings of a straight angle are alike, in degrees.
    private const double NearlyStraight = 3;

    /// <inheritdoc/>
    public override Observation? Observe(DrawnFigure figure)
    {
        if (
            figure.Turn is not double turn
            || figure.Arc is not Point arc
            || Math.Abs(Math.Abs(turn) - 180) <= NearlyStraight
        )
        {
            return null;
        }
        double outside = figure.OutsideOpening(arc) ?? 0;
        double likelihood = HandNoise.Beyond(outside, Beside, Noise);
        return likelihood >= Seen ? new Observation(outside, likelihood, Serious: true) : null;
    }

    /// <inheritdoc/>
    public override Feedback Explain(MistakeStory story) =>
        new(
            story.Praise,
            "Your arc stands in the other opening, so it names the angle that goes round the back.",
            "Put the arc in the opening that you measured."
        );

    /// <inheritdoc/>
    public override MarkPicture? Draw(MistakeStory story) =>
        story.Figure?.Arc is Point arc
            ? new MarkPicture { Rings = [new PictureRing(arc, 5)] }
            : null;

    /// <inheritdoc/>
    public DrawingExample? Replay(Angle asked, Protractor instrument)
    {
        DrawingExample well = DrawingExample.Well(asked, instrument);
        return well with
        {
            Arc = asked.Vertex.Towards(asked.Bisector.Opposite, asked.Vertex.DistanceTo(well.Arc)),
        };
    }
}
