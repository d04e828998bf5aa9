using JauntyCompass.Core.Angles;
using JauntyCompass.Core.Instruments;

namespace JauntyCompass.Core.Marking.Mistakes;

/// <summary>The arc stands in the other of the two openings, so the drawing shows 360 − A.</summary>
public sealed class ArcInOtherOpening : Mistake
{
    /// <inheritdoc/>
    public override string Key => "arc-in-other-opening";

    /// <inheritdoc/>
    public override string Name => "marked the other opening with the arc";

    /// <inheritdoc/>
    public override double Prior => 0.02;

    /// <inheritdoc/>
    public override string Remedy => "Shade the opening that is meant before the arc is drawn.";

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
        Angle asked = figure.Situation.Angle;
        double toArc = asked.Start.AnticlockwiseTo(Direction.Between(asked.Vertex, arc));
        // The drawn opening lies between the two rays, on whichever side it was drawn.
        int side = asked.Opening.Sign() * Math.Sign(turn);
        double across = side >= 0 ? toArc : 360 - toArc;
        return across > Math.Abs(turn) ? new Observation(1, 1, Serious: true) : null;
    }

    /// <inheritdoc/>
    public override Feedback Tell(MistakeStory story) =>
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
    public override DrawnSlip? ShowDrawn(Angle asked, Protractor instrument)
    {
        DrawnSlip well = DrawnSlip.Well(asked, instrument);
        return well with
        {
            Arc = asked.Vertex.Towards(asked.Bisector.Opposite, asked.Vertex.DistanceTo(well.Arc)),
        };
    }
}
